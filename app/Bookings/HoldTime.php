<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Models\Business;
use App\Prices\PriceLists;
use App\Support\Clock;
use App\Support\TooMany;
use App\Times\Bookable;
use App\Times\Claims;
use App\Times\RulesReader;
use App\Times\TimeTaken;
use App\Times\Wish;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Availability\Assignment;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Slot;

/** Keeps a time for somebody while they fill in the rest: alone, in a shared appointment or in a session. */
final readonly class HoldTime
{
    /** How often another person or unit is tried, when somebody else was quicker. */
    private const TRIES = 6;

    public function __construct(
        private ConnectionInterface $db,
        private RulesReader $rules,
        private Bookable $bookable,
        private Claims $claims,
        private Clock $clock,
        private WriteBooking $write,
        private HoldLimits $limits,
        private PriceLists $prices,
    ) {
    }

    /**
     * @param  Visitor|null  $visitor whose holds are limited; null: somebody of the house
     * @param  string  $by who holds it
     *
     * @throws TimeTaken with the nearest times that are free
     * @throws TooMany
     */
    public function __invoke(
        Business $business,
        Wish $wish,
        ?Visitor $visitor = null,
        string $by = History::BY_CLIENT,
    ): Booking {
        $this->prices->of($business); // written down outside of what may be rolled back
        for ($try = 0; $try < self::TRIES; $try++) {
            $book = $this->rules->book($business);
            $slot = $this->bookable->wanted($business, $book, $wish);
            if ($slot === null) {
                break;
            }
            try {
                $booking = $this->db->transaction(
                    fn (): ?Booking => $this->take(
                        business: $business,
                        book: $book,
                        wish: $wish,
                        slot: $slot,
                        visitor: $visitor,
                        by: $by,
                    ),
                    attempts: 5,
                );
            } catch (TooMany $many) {
                ProofOfAddress::abused($business, $this->clock->now());
                throw $many;
            }
            if ($booking !== null) {
                return $booking;
            }
        }

        throw TimeTaken::near(
            $wish->visit === null ? $this->bookable->near($business, $wish) : [],
            $this->bookable->isTaken($business, $wish),
        );
    }

    /**
     * Claims the days of all that is taken, asks the core again with what is true now, and writes. Null: somebody was
     * quicker.
     */
    private function take(
        Business $business,
        RuleBook $book,
        Wish $wish,
        Slot $slot,
        ?Visitor $visitor,
        string $by,
    ): ?Booking {
        $choice = $wish->choice;
        $service = $book->services[$choice->service];
        $takers = $slot->session !== null ? [$slot->session] : [...$slot->staff, ...$slot->units];
        if ($service->maxPerDay !== null || ($choice->member === null && $service->assignment === Assignment::Rotate)) {
            // what the whole service may take a day, or whose turn it is, is decided by one at a time
            $takers[] = $service->id;
        }
        $this->claims->take($business, $takers, $slot->start - $service->setup, $slot->end + $service->clearup);
        $now = $this->rules->bookNow($business);
        if ($now->lookAround() !== $book->lookAround()) {
            return null; // claimed by what was so a moment ago
        }
        $same = array_filter(
            $this->bookable->at($business, $now, $wish),
            static fn (Slot $offered): bool => $offered->session === $slot->session &&
                $offered->staff === $slot->staff &&
                $offered->units === $slot->units &&
                $offered->location === $slot->location &&
                $offered->end === $slot->end &&
                ($offered->next !== false || $choice->member !== null || $service->assignment !== Assignment::Rotate),
        );

        if ($same === []) {
            return null;
        }
        if ($visitor !== null) {
            $this->limits->check(business: $business, book: $now, slot: $slot, wish: $wish, visitor: $visitor);
        }

        return ($this->write)(
            business: $business,
            rules: $now->services[$choice->service],
            slot: $slot,
            wish: $wish,
            visitor: $visitor,
            by: $by,
        );
    }
}
