<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Booking;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * The link with which a client manages one booking: signed, unguessable, good until some time after the appointment.
 */
final readonly class ClientLink
{
    private const DAYS_AFTER = 30;

    public function __construct(private LinkSeal $seal, private string $key, private string $url)
    {
    }

    public function to(Booking $booking): string
    {
        return "{$this->url}/b/{$booking->id}?{$this->query($booking)}";
    }

    /** Where the payment page leads back to: the page asks what became of the payment. */
    public function back(Booking $booking): string
    {
        return "{$this->to($booking)}&back=1";
    }

    /** Where a time that is suggested instead can be taken. */
    public function instead(Booking $booking, string $start): string
    {
        return "{$this->url}/b/{$booking->id}/instead?{$this->query($booking)}&start=".rawurlencode($start);
    }

    /** The same, as it is mailed and only so: whoever opens it can read what goes to that address. */
    public function mailed(Booking $booking): string
    {
        return "{$this->url}/b/{$booking->id}?{$this->mailedQuery($booking)}";
    }

    /** "until=…&seal=…&mailed=…" */
    public function mailedQuery(Booking $booking): string
    {
        return "{$this->query($booking)}&mailed={$this->mailSeal($booking)}";
    }

    public function cameByMail(Request $request, Booking $booking): bool
    {
        $seal = $request->query('mailed');

        return $booking->contact !== null &&
            is_string($seal) &&
            (hash_equals($this->mailSeal($booking), $seal) || hash_equals($this->earlierSeal($booking), $seal));
    }

    /** "until=…&seal=…" */
    public function query(Booking $booking): string
    {
        $until = $booking->endsAt()->addDays(self::DAYS_AFTER)->getTimestamp();

        return $this->seal->query(self::what($booking), $booking->link_version, $until);
    }

    /** @throws NotFoundHttpException|LinkTooOld unless the request carries a good seal that has not run out */
    public function check(Request $request, Booking $booking): void
    {
        $this->seal->check($request, self::what($booking), $booking->link_version);
    }

    /** @throws NotFoundHttpException unless it carries one that was good once */
    public function checkMade(Request $request, Booking $booking): void
    {
        $this->seal->checkMade($request, self::what($booking), $booking->link_version);
    }

    /** What only a mail says of a booking: it proves the address that it was booked with. */
    public function mailSeal(Booking $booking): string
    {
        return $this->sealOf($booking->id, $booking);
    }

    /** As mails had it while identifiers were written in small letters. */
    private function earlierSeal(Booking $booking): string
    {
        return $this->sealOf(strtolower($booking->id), $booking);
    }

    private function sealOf(string $id, Booking $booking): string
    {
        return hash_hmac('sha256', "mailed {$id} ".($booking->contact['email'] ?? ''), $this->key);
    }

    private static function what(Booking $booking): string
    {
        return 'booking '.strtolower($booking->id);
    }
}
