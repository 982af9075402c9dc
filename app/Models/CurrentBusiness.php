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

    /** @var array<string, mixed> what has been read of it, by name */
    private array $read = [];

    public function __construct(private bool $across = false)
    {
    }

    /** From here to the end of the request. */
    public function set(int $id, ?Business $row = null): void
    {
        [$this->id, $this->read] = [$id, $row === null ? [] : ['business' => $row]];
    }

    /**
     * What is set up is read once while a business is spoken of: its row, a service, its questions. Of another business
     * it is read anew.
     *
     * @template T
     *
     * @param  callable(): T  $read
     * @return T
     */
    public function once(int $business, string $what, callable $read): mixed
    {
        if ($business !== $this->id) {
            return $read();
        }
        if (! array_key_exists($what, $this->read)) {
            $this->read[$what] = $read();
        }

        /** @var T */
        return $this->read[$what];
    }

    /** Something of it has been written, by whomever: all is read again. */
    public function readAgain(): void
    {
        $this->read = [];
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
        $before = [$this->id, $this->across, $this->read];
        [$this->id, $this->across, $this->read] = [$id, $across, []];
        try {
            return $work();
        } finally {
            [$this->id, $this->across, $this->read] = $before;
        }
    }
}
