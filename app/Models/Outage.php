<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use App\Models\Concerns\OfRules;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string $id
 * @property int $business_id
 * @property string $unit_id
 * @property string $name
 * @property CarbonImmutable $from wall clock, no zone
 * @property CarbonImmutable $to wall clock, no zone
 */
final class Outage extends Model
{
    use HasId;
    use OfBusiness;
    use OfRules;

    protected $table = 'outages';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['from' => 'immutable_datetime', 'to' => 'immutable_datetime'];
    }
}
