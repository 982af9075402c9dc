<?php

declare(strict_types=1);

namespace App\Sales;

use App\Language\Sentence;
use App\Models\Business;
use App\Models\Lock;
use App\Models\Sale;
use App\Support\Money;
use App\Support\Refusal;
use Illuminate\Database\ConnectionInterface;

/** One thing done to a sale while nobody else does one to it. */
final readonly class SaleAct
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    /**
     * @param  int|null  $seen what is owed less what was paid, as whoever acts saw it; null: no matter
     * @param  callable(Sale): void  $act within the transaction
     *
     * @throws Refusal where somebody else was quicker
     */
    public function __invoke(Business $business, string $id, ?int $seen, callable $act): Sale
    {
        return $this->db->transaction(function () use ($business, $id, $seen, $act): Sale {
            $sale = Lock::on(Sale::query()->where('business_id', $business->id)->whereKey($id))->firstOrFail();
            $owed = $sale->owed();
            if ($seen !== null && $seen !== $owed) {
                throw new Refusal(
                    new Sentence('refusal.sale.meanwhile', [
                        'who' => self::latest($sale),
                        'due' => Money::written(max(0, $owed), $sale->currency),
                    ]),
                    409,
                    'meanwhile',
                );
            }
            $act($sale);

            return $sale;
        }, attempts: 5);
    }

    /** Who was the last to move money of it. */
    private static function latest(Sale $sale): Sentence|string
    {
        $by = $sale->entries()->reorder()->latest('id')->first()->by ?? '';

        return str_starts_with($by, 'history.') ? new Sentence($by) : $by;
    }
}
