<?php

declare(strict_types=1);

namespace App\Gate;

use App\Bookings\LowerEarlier;
use App\Facts\MoneyWords;
use App\Language\Catalogue;
use App\Models\Booking;
use App\Models\BookingChange;
use App\Support\Money;
use YardBell\Core\Booking\State;

/** What its client is told of a booking's money: of one that is only held also what booking it does to earlier ones. */
final readonly class ClientMoneyWords
{
    public function __construct(private MoneyWords $told, private LowerEarlier $lower, private Catalogue $catalogue)
    {
    }

    /**
     * @param  non-empty-list<Booking>  $parts that stand, in order of time
     * @return array{price: string, money: list<string>, terms: string}
     */
    public function of(array $parts): array
    {
        $told = $this->told->ofVisit($parts, toClient: true);
        if (self::isCodeGone($parts[0])) {
            array_unshift($told['money'], $this->catalogue->say('money.code_gone'));
        }
        $held = array_filter($parts, static fn (Booking $part): bool => $part->state === State::Held);
        $less = $this->lower->onceBooked($held);
        if ($less > 0) {
            $earlier = $this->catalogue->say('money.earlier_less', [
                'amount' => Money::written($less, $parts[0]->currency),
            ]);
            $told['terms'] = trim("{$earlier} {$told['terms']}");
        }

        return $told;
    }

    private static function isCodeGone(Booking $booking): bool
    {
        return $booking->state === State::Expired &&
            BookingChange::query()
                ->where('business_id', $booking->business_id)
                ->where('booking_id', $booking->id)
                ->where('why', 'history.code_gone')
                ->exists();
    }
}
