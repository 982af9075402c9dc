<?php

declare(strict_types=1);

namespace App\Gate;

use App\Bookings\Visitor;
use App\Models\Booking;
use App\Models\Business;
use App\Support\ClientLink;
use App\Support\LinkTooOld;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * Who comes by a link of a booking of their own (BookAgain): what they told with it, and no more, is filled in for
 * them. An address that is typed is never proof of anything.
 */
final readonly class KnownClient
{
    public function __construct(private ClientLink $links)
    {
    }

    /** @return array{name: string, email: string, phone: string, addresses: object, link: string}|null null: nobody */
    public function of(Request $request, Business $business): ?array
    {
        $booking = $this->booking($request, $business);

        return $booking?->contact === null
            ? null
            : $booking->contact + [
                'addresses' => (object) Questions::addresses($business, $booking),
                'link' => http_build_query($request->only('of', 'until', 'seal')),
            ];
    }

    /**
     * Who holds a time, where they have sent that link along and their address is proven.
     *
     * @param  string  $link "of=…&until=…&seal=…"
     */
    public function visitor(string $link, Business $business): ?Visitor
    {
        $client = $this->client($link, $business);

        return $client === null ? null : Visitor::known($client, config()->string('app.key'));
    }

    /**
     * Whose prices are their own, where they have sent that link along and their address is proven.
     *
     * @param  string  $link "of=…&until=…&seal=…"
     * @return string|null id of the client
     */
    public function client(string $link, Business $business): ?string
    {
        parse_str($link, $query);
        $client = $this->booking(new Request($query), $business)?->client;

        return $client?->proven_at === null ? null : $client->id;
    }

    private function booking(Request $request, Business $business): ?Booking
    {
        $id = $request->query('of');
        $booking = is_string($id) ? Booking::query()->where('business_id', $business->id)->find($id) : null;
        try {
            $booking === null || $this->links->check($request, $booking);
        } catch (NotFoundHttpException|LinkTooOld) {
            return null; // they can book as anybody can
        }

        return $booking;
    }
}
