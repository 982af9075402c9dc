<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** What the amounts of some rows come to, in the minor unit. */
final class Sum
{
    /**
     * @template M of Model
     *
     * @param  Builder<M>|HasMany<M, covariant Model>  $query
     */
    public static function of(Builder|HasMany $query, string $column = 'amount'): int
    {
        $sum = $query->sum($column);

        return is_numeric($sum) ? (int) $sum : 0;
    }
}
