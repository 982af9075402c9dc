<?php

declare(strict_types=1);

namespace App\Prices\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Support\Given;

/** Whether a business's prices include their tax. */
final readonly class TaxesContent extends Content
{
    public function __construct(public bool $included)
    {
    }

    public static function from(Given $given): static
    {
        return new self($given->bool('included'));
    }

    public static function rules(Business $business, ?string $id): array
    {
        return ['included' => 'required|boolean'];
    }

    public function name(): string
    {
        return 'thing.taxes';
    }
}
