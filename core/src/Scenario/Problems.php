<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

/** What is wrong with a document, gathered so that all of it can be told at once. */
final class Problems
{
    private const MOST = 100;

    /** @var list<string> */
    private array $found = [];

    public function add(string $pointer, string $sentence): void
    {
        if (count($this->found) < self::MOST) {
            $this->found[] = ($pointer === '' ? '/' : $pointer).': '.$sentence;
        }
    }

    /** @throws BadDocument */
    public function throwIfAny(): void
    {
        if ($this->found !== []) {
            throw BadDocument::because($this->found);
        }
    }
}
