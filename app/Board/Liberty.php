<?php

declare(strict_types=1);

namespace App\Board;

use App\Access\Access;
use App\Access\Act;
use App\Bookings\Destination;
use App\Bookings\Freedom;
use App\Bookings\OtherTimes;
use App\Bookings\RulesReader;
use App\Bookings\Wish;
use App\Models\Booking;
use App\Models\Business;
use App\Support\Clock;
use App\Support\Given;
use YardBell\Core\Availability\Ask;

/** Whether somebody may leave rules out on purpose, and what that breaks in each case: said before, kept after. */
final readonly class Liberty
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

    /** What is asked for, as far as the role may. */
    public static function asked(Given $given, Access $access): Freedom
    {
        $freedom = new Freedom($given->bool('outside'), $given->bool('double'));
        if ($freedom->outside) {
            $access->authorize(Act::BookOutside);
        }
        if ($freedom->double) {
            $access->authorize(Act::BookDouble);
        }

        return $freedom;
    }

    public function ofWish(Business $business, Access $access, Wish $wish): Wish
    {
        if (! $wish->freedom->isTaken()) {
            return $wish;
        }
        $day = $this->rules->book($business)->zone->day($wish->start);
        $ask = $wish->choice->during($day, $day, $this->clock->minute(), $wish->relaxed);
        $member = $wish->choice->member;
        $staff = $member === null ? null : [$member];

        return $wish->with($this->broken($business, $access, $ask, $wish->start, $wish->freedom, $staff));
    }

    public function ofMove(Business $business, Access $access, Booking $booking, Destination $to): Destination
    {
        $book = $this->rules->book($business);
        $day = $book->zone->day($to->start);
        $ask = $to->freedom->isTaken() ? $this->times->ask($book, $booking, $day, $day, $to->minutes) : null;

        return $ask === null
            ? $to
            : $to->with($this->broken(
                $business,
                $access,
                $ask,
                $to->start,
                $to->freedom,
                $to->staff ?? $booking->staff_ids,
                $booking->id,
            ));
    }

    /** @param  list<string>|null  $staff */
    private function broken(
        Business $business,
        Access $access,
        Ask $ask,
        int $at,
        Freedom $freedom,
        ?array $staff,
        ?string $moving = null,
    ): Freedom {
        $book = $this->rules->book($business);
        $verdicts = $this->why->verdicts($business, $book, $ask, $at, $moving);
        $breaches = $this->why->breaches($business, $access, $book, $ask, $at, $verdicts, $staff);

        return $freedom->breaking($breaches);
    }
}
