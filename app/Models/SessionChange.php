<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\OfBusiness;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What happened to a session, by whom and when. Only ever added.
 *
 * @property int $id
 * @property string $session_id
 * @property string $by
 * @property string $what a sentence as text
 * @property CarbonImmutable $at
 */
final class SessionChange extends Model
{
    use OfBusiness;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime'];
    }
}
