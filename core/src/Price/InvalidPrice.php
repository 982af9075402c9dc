<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use DomainException;
use YardBell\Core\CoreException;

final class InvalidPrice extends DomainException implements CoreException
{
    /**
     * @param  string  $problem what is wrong, as a code: percent, no-length, length, add-on, party, quantity, amount,
     *   people, tax-rate or too-large
     * @param  array<string, int|string>  $parameters what it is about
     */
    private function __construct(
        public readonly string $problem,
        public readonly array $parameters,
        string $message,
    ) {
        parent::__construct($message);
    }

    public static function percent(string $given): self
    {
        return new self(
            'percent',
            ['given' => $given],
            "A percentage is a number of at most 4 decimal places as a text, like \"7.5\", but got \"{$given}\".",
        );
    }

    public static function length(?int $minutes): self
    {
        return $minutes === null
            ? new self('no-length', [], 'The service does not have a length of its own.')
            : new self(
                'length',
                ['minutes' => $minutes],
                "The service does not have a length of {$minutes} minutes.",
            );
    }

    public static function addOn(string $id): self
    {
        return new self('add-on', ['id' => $id], "The service has no add-on \"{$id}\".");
    }

    public static function party(int $party): self
    {
        return new self('party', ['party' => $party], "At least one person comes, but got {$party}.");
    }

    public static function quantity(string $id, int $quantity): self
    {
        return new self(
            'quantity',
            ['id' => $id, 'quantity' => $quantity],
            "Of add-on \"{$id}\" at least one is taken, but got {$quantity}.",
        );
    }

    public static function amount(string $what, int $amount): self
    {
        return new self(
            'amount',
            ['what' => $what, 'amount' => $amount],
            "An amount is not negative, but {$what} is {$amount}.",
        );
    }

    public static function twoWaysForPeople(): self
    {
        return new self(
            'people',
            [],
            'More people cost either the same each, or amounts of their own, not both.',
        );
    }

    public static function taxRate(string $id): self
    {
        return new self('tax-rate', ['id' => $id], "There is no tax rate \"{$id}\".");
    }

    public static function tooLarge(): self
    {
        return new self('too-large', [], 'This comes to more than any price can be.');
    }
}
