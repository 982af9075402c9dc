<?php

declare(strict_types=1);

namespace App\Models;

/**
 * The one business a request or a job speaks of; everything of others is invisible meanwhile. Where none is set nothing
 * that belongs to a business is found at all, unless the code says that it works across them.
 */
final class CurrentBusiness
{
    private ?int $id = null;

    public function __construct(private bool $across = false)
    {
    }

    /** From here to the end of the request. */
    public function set(int $id): void
    {
        $this->id = $id;
    }

    /** @throws NoBusinessSet when none is */
    public function id(): int
    {
        return $this->id ?? throw new NoBusinessSet;
    }

    public function isAcross(): bool
    {
        return $this->across;
    }

    /**
     * For what is looked for before anybody knows whose it is: what a link names, a worker's round.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public function across(callable $work): mixed
    {
        return $this->during(null, true, $work);
    }

    /**
     * Speaks of a business while the work lasts, and then of whichever it was before.
     *
     * @template T
     *
     * @param  int|null  $id null: of none
     * @param  callable(): T  $work
     * @return T
     */
    public function of(?int $id, callable $work): mixed
    {
        return $this->during($id, false, $work);
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    private function during(?int $id, bool $across, callable $work): mixed
    {
        $before = [$this->id, $this->across];
        [$this->id, $this->across] = [$id, $across];
        try {
            return $work();
        } finally {
            [$this->id, $this->across] = $before;
        }
    }
}
