<?php

declare(strict_types=1);

namespace App\Board;

use App\Access\Access;
use App\Access\Act;
use App\Bookings\Destination;
use App\Bookings\OtherTimes;
use App\Models\Booking;
use App\Models\Business;
use App\Support\Clock;
use App\Support\Given;
use App\Times\Override;
use App\Times\RulesReader;
use App\Times\Wish;

/** Whether somebody may leave rules out on purpose, and what that breaks in each case: said before, kept after. */
final readonly class CheckOverride
{
    public function __construct(
        private RulesReader $rules,
        private WhyThere $why,
        private OtherTimes $times,
        private Clock $clock,
    ) {
    }

    /** @return array<string, string> what a body may say of it */
    public static function rules(): array
    {
        return ['outside' => 'nullable|boolean', 'double' => 'nullable|boolean'];
    }

    /** What is asked for, as far as the role may: whoever changes bookings may book over others on purpose. */
    public static function asked(Given $given, Access $access): Override
    {
        $override = new Override($given->bool('outside'), $given->bool('double'));
        if ($override->outside) {
            $access->authorize(Act::BookOutside);
        }

        return $override;
    }

    public function ofWish(Business $business, Access $access, Wish $wish): Wish
    {
        if (! $wish->override->isAny()) {
            return $wish;
        }
        $book = $this->rules->book($business);
        $day = $book->zone->day($wish->start);
        $ask = $wish->choice->during($day, $day, $this->clock->minute(), $wish->relaxed);
        $least = WhyThere::least($this->why->verdicts($business, $book, $ask, $wish->start));
        if ($least === null) {
            return $wish;
        }
        $breaches = $this->why->breaches(
            business: $business,
            access: $access,
            book: $book,
            ask: $ask,
            at: $wish->start,
            verdict: $least,
        );
        // where anyone may take it, those do for whom the least is broken: it is their reasons that are kept
        $member = count($least->staff) === 1 ? $least->staff[0] : $wish->choice->member;

        return new Wish(
            $wish->choice->with($member),
            $wish->start,
            $wish->relaxed,
            $wish->override->breaking($breaches),
        );
    }

    public function ofMove(Business $business, Access $access, Booking $booking, Destination $to): Destination
    {
        $book = $this->rules->book($business);
        $day = $book->zone->day($to->start);
        $ask = $to->override->isAny() ? $this->times->ask(
            book: $book,
            booking: $booking,
            fromDay: $day,
            toDay: $day,
            length: $to->minutes,
        ) : null;
        $least = $ask === null ? null : WhyThere::least(
            $this->why->verdicts(business: $business, book: $book, ask: $ask, at: $to->start, moving: $booking->id),
            $to->staff ?? $booking->staff_ids,
        );
        if ($ask === null || $least === null) {
            return $to;
        }
        $breaches = $this->why->breaches(
            business: $business,
            access: $access,
            book: $book,
            ask: $ask,
            at: $to->start,
            verdict: $least,
        );

        return $to->by($least->staff)->with($to->override->breaking($breaches));
    }
}
