<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string $id
 * @property int $business_id
 * @property string $name
 * @property string|null $email
 * @property string $phone
 * @property list<array{service: string, amount: int}> $rates own prices, minor unit
 * @property int $link_version how often the links to their own page were made void
 * @property CarbonImmutable|null $proven_at when a link mailed to the address was opened
 */
final class Client extends Model
{
    use HasId;
    use OfBusiness;

    protected $table = 'clients';

    protected $guarded = [];

    protected $attributes = ['rates' => '[]', 'link_version' => 0];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['proven_at' => 'immutable_datetime', 'rates' => 'array'];
    }
}
