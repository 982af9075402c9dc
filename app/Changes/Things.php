<?php

declare(strict_types=1);

namespace App\Changes;

use Illuminate\Contracts\Container\Container;

/** The kinds of things that are set up; which there are is said by those above (Providers\Kinds). */
final readonly class Things
{
    /** @param  array<string, class-string<Thing<*>>>  $kinds by the word the API uses */
    public function __construct(private Container $container, private array $kinds)
    {
    }

    /** @return list<string> */
    public function kinds(): array
    {
        return array_keys($this->kinds);
    }

    public function isKnown(string $kind): bool
    {
        return isset($this->kinds[$kind]);
    }

    /** @return Thing<Content> */
    public function of(string $kind): Thing
    {
        /** @var Thing<Content> $thing */
        $thing = $this->container->make($this->kinds[$kind]);

        return $thing;
    }
}
