<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\OfBusiness;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What happened to a booking, by whom and when. Only ever added.
 *
 * @property int $id
 * @property string $booking_id
 * @property string $state
 * @property string $by
 * @property string $why
 * @property CarbonImmutable $at
 */
final class BookingChange extends Model
{
    use OfBusiness;

    public $timestamps = false;

    protected $table = 'booking_changes';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime'];
    }
}
