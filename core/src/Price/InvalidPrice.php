<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use DomainException;
use YardBell\Core\CoreException;

final class InvalidPrice extends DomainException implements CoreException
{
    public static function percent(string $given): self
    {
        return new self(
            "A percentage is a number of at most 4 decimal places as a text, like \"7.5\", but got \"{$given}\".",
        );
    }

    public static function length(?int $minutes): self
    {
        return new self(
            'The service does not have '
                .($minutes === null ? 'a length of its own.' : "a length of {$minutes} minutes."),
        );
    }

    public static function addOn(string $id): self
    {
        return new self("The service has no add-on \"{$id}\".");
    }

    public static function party(int $party): self
    {
        return new self("At least one person comes, but got {$party}.");
    }

    public static function quantity(string $id, int $quantity): self
    {
        return new self("Of add-on \"{$id}\" at least one is taken, but got {$quantity}.");
    }

    public static function amount(string $what, int $amount): self
    {
        return new self("An amount is not negative, but {$what} is {$amount}.");
    }

    public static function twoWaysForPeople(): self
    {
        return new self('More people cost either the same each, or amounts of their own, not both.');
    }
}
