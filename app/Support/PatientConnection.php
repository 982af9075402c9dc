<?php

declare(strict_types=1);

namespace App\Support;

use Closure;
use Illuminate\Database\MariaDbConnection;
use Illuminate\Database\QueryException;

/**
 * A statement alone that the database gave up so that another could go on (a deadlock) has changed nothing: it is run
 * again. Within a transaction all of it was undone, and whoever began it begins it anew ("attempts").
 */
final class PatientConnection extends MariaDbConnection
{
    private const TIMES = 5;

    /**
     * @param  string  $query
     * @param  array<array-key, mixed>  $bindings
     */
    protected function handleQueryException(QueryException $e, $query, $bindings, Closure $callback): mixed
    {
        for ($again = 0; $this->transactions === 0 && $this->causedByConcurrencyError($e); $again++) {
            if ($again === self::TIMES) {
                throw $e;
            }
            try {
                return $this->runQueryCallback($query, $bindings, $callback);
            } catch (QueryException $e) {
                continue;
            }
        }

        return parent::handleQueryException($e, $query, $bindings, $callback);
    }
}
