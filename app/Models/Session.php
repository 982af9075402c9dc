<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A scheduled group event.
 *
 * @property string $id
 * @property int $business_id
 * @property string $service_id
 * @property string|null $series_id of all that were scheduled together
 * @property string|null $location_id
 * @property CarbonImmutable $starts_at
 * @property int $minutes
 * @property CarbonImmutable $taken_from start less set-up
 * @property CarbonImmutable $taken_until end plus clear-up
 * @property list<string> $staff_ids
 * @property list<string> $units ids
 * @property int $places
 * @property string $state scheduled or cancelled
 * @property array{by: string, why: string, told: bool, was?: array<string, string>}|null $follow_up how those who
 *   booked are still to be told of what has become of it; `was`: where they believe it to be, by booking
 * @property int $lock_version
 * @property-read Service|null $service
 */
final class Session extends Model
{
    use HasId;
    use OfBusiness;

    protected $table = 'scheduled_sessions';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'starts_at' => 'immutable_datetime',
            'taken_from' => 'immutable_datetime',
            'taken_until' => 'immutable_datetime',
            'staff_ids' => 'array',
            'units' => 'array',
            'follow_up' => 'array',
        ];
    }

    public function endsAt(): CarbonImmutable
    {
        return $this->starts_at->addMinutes($this->minutes);
    }

    /** @return BelongsTo<Service, $this> */
    public function service(): BelongsTo
    {
        return $this->belongsTo(Service::class);
    }
}
