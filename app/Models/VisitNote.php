<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What somebody of the staff has noted about a visit: for staff alone, dated and signed.
 *
 * @property string $id
 * @property int $business_id
 * @property string $booking_id
 * @property string $text
 * @property string $by
 * @property CarbonImmutable $at
 */
final class VisitNote extends Model
{
    use HasId;
    use OfBusiness;

    public $timestamps = false;

    protected $table = 'visit_notes';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['at' => 'immutable_datetime'];
}
