<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Models\Business;
use App\Support\TooMany;
use Throwable;
use YardBell\Core\Booking\State;

/** Keeps several times for somebody, or none of them: the dates of a repeat, the parts of a visit. */
final readonly class HoldTogether
{
    public function __construct(private HoldTime $hold, private History $history)
    {
    }

    /**
     * @param  non-empty-list<Wish>  $wishes
     * @return non-empty-list<Booking>
     *
     * @throws TimeTaken|TooMany
     */
    public function __invoke(
        Business $business,
        array $wishes,
        ?Visitor $visitor = null,
        string $by = History::BY_CLIENT,
    ): array {
        $held = [];
        try {
            foreach ($wishes as $wish) {
                $held[] = $one = ($this->hold)($business, $wish, $visitor, $by);
                $one->update($wish->freedom->columns());
            }
        } catch (Throwable $wrong) {
            $this->letGo($held, $by);
            throw $wrong;
        }

        return $held;
    }

    /**
     * No time is kept for nothing.
     *
     * @param  list<Booking>  $held
     */
    public function letGo(array $held, string $by): void
    {
        foreach ($held as $one) {
            if ($one->refresh()->state === State::Held) {
                $this->history->become($one, State::Expired, $by);
            }
        }
    }
}
