<?php

declare(strict_types=1);

namespace App\Sales;

use App\Models\Account;
use App\Models\Movement;

/** What the entries of a sale come to, as it stands on its row. */
final class SumsOfSale
{
    /**
     * What a posting adds to them, of both its entries.
     *
     * @return array<string, int> by column of the sale
     */
    public static function of(Posting $posting): array
    {
        $sums = ['moves' => 2];
        foreach ([[$posting->to, $posting->amount], [$posting->from, -$posting->amount]] as [$account, $amount]) {
            $sums += match ($account) {
                Account::Due => ['owed' => $amount] + self::due($posting->about, $amount),
                Account::Returning => ['underway' => -$amount],
                default => [],
            };
        }

        return $sums;
    }

    /** @return array<string, int> */
    private static function due(Movement $about, int $amount): array
    {
        return match (true) {
            in_array($about, SaleSums::OWED, true) => ['total' => $amount, 'sold' => 1],
            in_array($about, SaleSums::CAME, true) => ['paid' => -$amount],
            $about === Movement::Returned => ['back' => $amount],
            default => [],
        };
    }
}
