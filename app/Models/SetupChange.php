<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Something that was changed in the set-up: one or several things, at once.
 *
 * @property string $id
 * @property int $business_id
 * @property string $by
 * @property int $user_id
 * @property CarbonImmutable $at
 * @property string|null $undoes id of the change this one takes back
 */
final class SetupChange extends Model
{
    use HasId;
    use OfBusiness;

    protected $table = 'setup_changes';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime'];
    }
}
