<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;

/** The values of one column, as what they are. */
final class Column
{
    /**
     * @param  Collection<array-key, mixed>  $values
     * @return list<string>
     */
    public static function strings(Collection $values): array
    {
        return Given::in(['all' => $values->all()])->strings('all');
    }

    /**
     * @template M of Model
     *
     * @param  Builder<M>|HasMany<M, covariant Model>  $query
     * @return int the sum of its amounts; 0 of none
     */
    public static function sum(Builder|HasMany $query): int
    {
        $sum = $query->sum('amount');

        return is_numeric($sum) ? (int) $sum : 0;
    }
}
