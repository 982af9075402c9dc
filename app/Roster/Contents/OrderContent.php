<?php

declare(strict_types=1);

namespace App\Roster\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Support\Given;

final readonly class OrderContent extends Content
{
    /** @param  list<string>  $ids */
    public function __construct(public array $ids)
    {
    }

    public static function from(Given $given): static
    {
        return new self($given->strings('ids'));
    }

    public static function rules(Business $business, ?string $id): array
    {
        return ['ids' => 'present|array|list|max:1000', 'ids.*' => 'string|max:26|distinct'];
    }

    public static function sentences(): array
    {
        return ['ids.*' => 'wrong.order.twice'];
    }

    public function name(): string
    {
        return 'Order';
    }
}
