<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Language\Sentence;
use App\Models\Account;
use App\Models\Business;
use App\Models\DayClose;
use App\Models\Movement;
use App\Sales\Book;
use App\Sales\Posting;
use App\Sales\WrongAmount;
use App\Support\Clock;
use App\Support\Money;
use App\Support\Mutex;
use App\Support\Refusal;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;

/**
 * Closes a day: what each way came to, the cash counted, what lies between it and the book, and what is taken out to
 * the bank (rules.md L6). What comes after belongs to the next close.
 */
final readonly class CloseDay
{
    public function __construct(
        private ConnectionInterface $db,
        private Book $book,
        private DayFigures $figures,
        private Clock $clock,
        private Mutex $turn,
    ) {
    }

    /** @param  int  $seen what the drawer should hold, as the screen showed it */
    public function __invoke(
        Business $business,
        Count $count,
        int $seen,
        string $by,
        ?CarbonImmutable $at = null,
    ): DayClose {
        if ($count->banked > $count->counted) {
            throw WrongAmount::at('banked', 'more_than_counted', $count->counted, $business->currency);
        }

        return $this->db->transaction(function () use (
            $business,
            $count,
            $seen,
            $by,
            $at,
        ): DayClose {
            $this->turn->take($business->id, 'DRAWER');
            $expected = $this->figures->drawer($business);
            if ($expected !== $seen) {
                throw new Refusal(
                    new Sentence('refusal.sale.drawer_moved', [
                        'amount' => Money::written($expected, $business->currency),
                    ]),
                    409,
                    'meanwhile',
                );
            }
            $at ??= $this->clock->now();
            $day = $at->setTimezone($business->time_zone)->format('Y-m-d');
            $close = DayClose::query()->create([
                'business_id' => $business->id,
                'day' => $day,
                'ways' => $this->figures->ways($business, $day),
                'expected' => $expected,
                'counted' => $count->counted,
                'banked' => $count->banked,
                'note' => $count->note,
                'by' => $by,
                'at' => $at,
            ]);
            $difference = $count->counted - $expected;
            $this->book->write(
                $business,
                [
                    new Posting(Movement::Counted, Account::Cash, Account::Difference, $difference, why: $count->note),
                    new Posting(Movement::Banked, Account::Bank, Account::Cash, $count->banked),
                ],
                $by,
                $at,
            );

            return $close;
        }, attempts: 5);
    }
}
