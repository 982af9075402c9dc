<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\OfBusiness;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * The price settings of a business as they were for a while. Only ever added.
 *
 * @property string $id
 * @property int $business_id
 * @property array<string, mixed> $content rows as Bookings\PriceSettings reads them
 * @property CarbonImmutable $at when the first booking was made under it
 */
final class PriceVersion extends Model
{
    use OfBusiness;

    public $incrementing = false;

    public $timestamps = false;

    protected $table = 'price_versions';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['content' => 'array', 'at' => 'immutable_datetime'];
    }
}
