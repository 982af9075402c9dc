<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Locks rows to decide about them, by writing them: a lock that changes nothing holds on one server, and not between
 * the writers of a cluster. Within a transaction.
 */
final class Lock
{
    /**
     * @template M of Model
     *
     * @param  Builder<M>|HasMany<M, covariant Model>  $rows by a key of theirs
     * @return Builder<M> the same, to be read: as they are now, and as they stay
     */
    public static function on(Builder|HasMany $rows): Builder
    {
        $query = $rows instanceof HasMany ? $rows->getQuery() : $rows;
        (clone $query)->toBase()->increment('lock_version');

        return $query;
    }
}
