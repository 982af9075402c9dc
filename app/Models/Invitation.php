<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string $id
 * @property int $business_id
 * @property string $email
 * @property string $role
 * @property string|null $staff_id
 * @property string $token_hash
 * @property CarbonImmutable $expires_at
 * @property CarbonImmutable|null $accepted_at
 */
final class Invitation extends Model
{
    use HasId;
    use OfBusiness;

    protected $table = 'invitations';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['expires_at' => 'immutable_datetime', 'accepted_at' => 'immutable_datetime'];
    }
}
