<?php

declare(strict_types=1);

namespace App\Support;

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
}
