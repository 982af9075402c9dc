<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Clients\Guest;
use App\Clients\RegisterGuest;
use App\Messages\Announcements;
use App\Messages\Telling;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Client;
use App\Models\Id;
use App\Models\Occasion;
use App\Models\Service;
use App\Sales\SellBooking;
use App\Times\TimeTaken;
use App\Times\Wish;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Validation\ValidationException;
use Throwable;
use YardBell\Core\Booking\State;
use YardBell\Core\Price\Quote;

/**
 * The desk books for somebody: at once, without a yes to wait for and without paying first, at the prices that are the
 * client's own.
 */
final readonly class BookAtDesk
{
    public function __construct(
        private ConnectionInterface $db,
        private HoldTogether $hold,
        private RegisterGuest $register,
        private UseCodes $codes,
        private LowerEarlier $lower,
        private History $history,
        private SellBooking $sell,
        private Announcements $announcements,
    ) {
    }

    /**
     * @param  non-empty-list<Wish>  $wishes several are separate bookings with a shared id, booked together or not at
     *                                       all
     * @param  list<string>  $codes as they were named
     * @param  bool  $told whether the client is mailed; staff are, and it is reminded of
     * @return non-empty-list<Booking>
     *
     * @throws TimeTaken
     * @throws ValidationException that says which code does not count, and why
     */
    public function __invoke(
        Business $business,
        array $wishes,
        Guest $guest,
        string $note,
        array $codes,
        bool $told,
        string $by,
        Together $together = Together::Repeat,
    ): array {
        $held = ($this->hold)($business, $wishes, by: $by);
        try {
            $shared = count($wishes) > 1 ? [$together->column() => Id::make()] : [];

            return $this->db->transaction(function () use (
                $business,
                $held,
                $guest,
                $shared,
                $note,
                $codes,
                $told,
                $by,
            ) {
                $client = ($this->register)($business, $guest);
                $bookings = $this->hold->locked($business, $held, $shared);
                $isVisit = isset($shared['visit_id']);
                $quotes = $isVisit ? $this->codes->named($business, $bookings, $codes, $client) : [];
                $booked = [];
                foreach ($bookings as $i => $booking) {
                    $quote = $quotes[$i] ?? $this->codes->named($business, [$booking], $codes, $client)[0];
                    $columns = ['note' => $note, 'sale_id' => $isVisit ? $booked[0]->sale_id ?? null : null];
                    $booked[] = $this->book(
                        booking: $booking,
                        client: $client,
                        quote: $quote,
                        columns: $columns,
                        by: $by,
                    );
                    ($this->lower)($booking, $by, $told);
                }
                $this->announcements->ofAll($booked, Occasion::Booked, whom: Telling::client($told));

                return $booked;
            }, attempts: 5);
        } catch (Throwable $wrong) {
            $this->hold->letGo($held, $by);
            throw $wrong;
        }
    }

    /** @param  array<string, string|null>  $columns */
    private function book(Booking $booking, ?Client $client, Quote $quote, array $columns, string $by): Booking
    {
        $booking->update([
            ...QuoteColumns::columns($quote, Service::known($booking->business_id, $booking->service_id)),
            ...$columns,
            'due_now' => 0,
            'client_id' => $client?->id,
            'priced_for' => $client?->id, // the desk knows who it is
            'proven_at' => $client?->proven_at,
            'contact' => $this->register->contact($client),
        ]);
        ($this->sell)($booking, $by);
        $this->history->become($booking, State::Confirmed, $by);

        return $booking;
    }
}
