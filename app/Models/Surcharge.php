<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use App\Models\Concerns\OfRules;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string $id
 * @property int $business_id
 * @property string $name
 * @property string $when outside_hours, weekdays or dates
 * @property array<string, list<array{from: string, to: string}>>|null $hours
 * @property list<string> $weekdays
 * @property list<string> $dates
 * @property int|null $amount minor unit
 * @property string|null $percent of base and people
 * @property int|null $staff_amount minor unit
 * @property string|null $staff_percent of the surcharge
 * @property int $position
 */
final class Surcharge extends Model
{
    use HasId;
    use OfBusiness;
    use OfRules;

    protected $table = 'surcharges';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['hours' => 'array', 'weekdays' => 'array', 'dates' => 'array'];
    }
}
