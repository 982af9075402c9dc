<?php

declare(strict_types=1);

namespace App\Gate;

use App\Bookings\Visitor;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Id;
use App\Support\ClientLink;
use App\Support\LinkTooOld;
use App\Support\MailAddress;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * Who comes by a link of a booking of theirs that was mailed (BookAgain): its address is theirs, and what they told
 * with that booking, and no more, is filled in for them. An address that is typed is never proof of anything, nor is a
 * link that whoever has just booked was shown.
 */
final readonly class KnownClient
{
    /** The parts of a mailed link that tell who follows it. */
    private const OF_LINK = ['of', 'until', 'seal', 'mailed'];

    public function __construct(private ClientLink $links)
    {
    }

    /** What of an address says who comes: "of=…&until=…&seal=…&mailed=…". */
    public static function link(Request $request): string
    {
        return http_build_query($request->only(self::OF_LINK));
    }

    /** @return array{name: string, email: string, phone: string, addresses: object, link: string}|null null: nobody */
    public function of(Request $request, Business $business): ?array
    {
        $booking = $this->booking(self::link($request), $business);

        return $booking?->contact === null
            ? null
            : $booking->contact + [
                'addresses' => (object) Questions::addresses($business, $booking),
                'link' => self::link($request),
            ];
    }

    /**
     * Who holds a time, where they have sent that link along.
     *
     * @param  string  $link as of link()
     */
    public function visitor(string $link, Business $business): ?Visitor
    {
        $client = $this->client($link, $business);

        return $client === null ? null : Visitor::known($client, config()->string('app.key'));
    }

    /**
     * Whose prices are their own, where they have sent that link along.
     *
     * @param  string  $link as of link()
     * @return string|null id of the client
     */
    public function client(string $link, Business $business): ?string
    {
        return $this->booking($link, $business)?->client_id;
    }

    /** The booking of a mailed link, whose client still has the address that it was mailed to. */
    private function booking(string $link, Business $business): ?Booking
    {
        parse_str($link, $query);
        $request = new Request($query);
        $id = $request->query('of');
        $booking = is_string($id) ? Booking::query()->where('business_id', $business->id)->find(Id::of($id)) : null;
        try {
            $booking === null || $this->links->check($request, $booking);
        } catch (NotFoundHttpException|LinkTooOld) {
            return null; // they can book as anybody can
        }

        return $booking !== null && $this->links->cameByMail($request, $booking) && self::isTheirs($booking)
            ? $booking
            : null;
    }

    private static function isTheirs(Booking $booking): bool
    {
        $mailed = $booking->contact['email'] ?? '';

        return $booking->client !== null && $booking->client->email === MailAddress::normal($mailed);
    }
}
