<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Facts\VisitParts;
use App\Language\Sentence;
use App\Messages\Announcements;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Lock;
use App\Models\Occasion;
use App\Models\Sale;
use App\Payments\GivingUp;
use App\Payments\MoneyEffect;
use App\Payments\PriceChange;
use App\Payments\ReturnMoney;
use App\Sales\Balance;
use App\Support\DryRun;
use App\Support\Instants;
use App\Support\Refusal;
use App\Times\Choice;
use App\Times\KeepPlace;
use App\Times\Wish;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Availability\Relaxed;

/**
 * More or fewer come to what is booked, at the same time and by the same people, where there is room; the visit is sold
 * anew for so many. All parts of a visit of several services, or none.
 */
final readonly class ChangeParty
{
    public function __construct(
        private ConnectionInterface $db,
        private KeepPlace $keep,
        private ClientChanges $changes,
        private MovedPrice $price,
        private ReturnMoney $return,
        private History $history,
        private Announcements $announcements,
        private DryRun $tried,
    ) {
    }

    /**
     * @param  string|null  $seen what it does to the money, as it was shown (MoneyEffect::seal); null: it was not
     *
     * @throws Refusal
     */
    public function __invoke(Business $business, string $id, int $party, ?string $seen = null): Booking
    {
        return $this->db->transaction(function () use ($business, $id, $party, $seen): Booking {
            $parts = $this->changeable($business, $id);
            if (array_filter($parts, static fn (Booking $part): bool => $part->party !== $party) !== []) {
                $this->change($business, $parts, $party)->effect->mustBe($seen);
            } // else pressed twice

            return Booking::query()->where('business_id', $business->id)->findOrFail($id);
        }, attempts: 5);
    }

    /** What it would cost then; nothing is done. */
    public function tried(Business $business, string $id, int $party): PriceChange
    {
        return $this->tried->of(
            fn (): PriceChange => $this->change($business, $this->changeable($business, $id), $party),
        );
    }

    /**
     * @return non-empty-list<Booking> locked
     *
     * @throws Refusal
     */
    private function changeable(Business $business, string $id): array
    {
        $parts = array_values(array_filter(
            VisitParts::locked($business->id, $id),
            fn (Booking $part): bool => $this->changes->mayChange($part),
        ));

        return $parts === []
            ? throw new Refusal(new Sentence('refusal.booking.not_changed'), 409, 'too_late')
            : $parts;
    }

    /**
     * @param  non-empty-list<Booking>  $changed locked
     *
     * @throws Refusal
     */
    private function change(Business $business, array $changed, int $party): PriceChange
    {
        $price = static fn (): int => array_sum(array_map(static fn (Booking $part): int => $part->price, $changed));
        $was = $price();
        $effect = MoneyEffect::of($changed, GivingUp::Changed, function () use ($business, $changed, $party): void {
            foreach ($changed as $part) {
                $this->one($business, $part, $party);
            }
            $this->announcements->ofAll($changed, Occasion::Changed);
        });

        $now = array_map(
            static fn (Booking $part): int => Balance::of($part->unsetRelations())->now($part),
            $changed,
        );

        return new PriceChange($was, $price(), $effect, array_sum($now));
    }

    private function one(Business $business, Booking $booking, int $party): void
    {
        if ($party < $booking->party) {
            $this->changes->checkFree($booking);
        }
        $slot = ($this->keep)($business, $booking, self::wish($booking, $party), $booking->id) ?? throw new Refusal(
            new Sentence('refusal.booking.no_room', ['party' => $party]),
            409,
            'no_room',
        );
        $from = $booking->party;
        $booking->update([
            'party' => $party,
            'units' => $booking->session_id === null ? $slot->units : [],
            'calendar_sequence' => $booking->calendar_sequence + 1,
        ]);
        $this->price->priced($booking, History::BY_CLIENT);
        $sale = $booking->sale_id === null ? null : Lock::on(Sale::query()->whereKey($booking->sale_id))->first();
        if ($sale !== null) {
            $this->return->overpaid($sale, History::BY_CLIENT);
        }
        $why = (new Sentence('history.party', ['from' => $from, 'to' => $party]))->text();
        $this->history->changed($booking, History::BY_CLIENT, $why);
    }

    /** Where it is, with so many: neither what it takes itself is in the way, nor notice. */
    private static function wish(Booking $booking, int $party): Wish
    {
        $relaxed = new Relaxed(notice: true, limits: true, grid: $booking->visit_id !== null, gaps: true);

        return new Wish(Choice::of($booking)->for($party), Instants::minute($booking->starts_at), $relaxed);
    }
}
