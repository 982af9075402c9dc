<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What somebody who signs in wants to be reminded of at an hour: theirs alone, and in nobody's way.
 *
 * @property string $id
 * @property int $business_id
 * @property int $user_id
 * @property CarbonImmutable $at
 * @property string $text
 * @property bool $done
 */
final class Reminder extends Model
{
    use HasId;
    use OfBusiness;

    public $timestamps = false;

    protected $table = 'reminders';

    protected $guarded = [];

    protected $attributes = ['done' => false];

    /** @var array<string, string> */
    protected $casts = ['at' => 'immutable_datetime', 'done' => 'boolean'];
}
