<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What a day should have come to and what was counted (rules.md L6).
 *
 * @property string $id
 * @property int $business_id
 * @property string $day "2027-03-01"
 * @property list<array{way: string, in: int, out: int}> $ways
 * @property int $expected in the drawer
 * @property int $counted
 * @property int $banked taken out of the drawer
 * @property string $note
 * @property string $by
 * @property CarbonImmutable $at
 */
final class DayClose extends Model
{
    use HasId;
    use OfBusiness;

    public $timestamps = false;

    protected $table = 'day_closes';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['ways' => 'array', 'at' => 'immutable_datetime'];
    }
}
