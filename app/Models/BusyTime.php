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
 * @property string $staff_id
 * @property CarbonImmutable $starts_at
 * @property CarbonImmutable $ends_at
 */
final class BusyTime extends Model
{
    use HasId;
    use OfBusiness;
    use OfRules;

    protected $table = 'busy_times';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['starts_at' => 'immutable_datetime', 'ends_at' => 'immutable_datetime'];
    }
}
