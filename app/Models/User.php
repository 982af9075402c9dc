<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property CarbonImmutable|null $email_verified_at
 * @property string $password
 * @property-read SignIn $pivot where it was reached from a business
 */
final class User extends Authenticatable
{
    use BootsByName;

    protected $table = 'users';

    protected $guarded = [];

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['email_verified_at' => 'immutable_datetime', 'password' => 'hashed'];
    }

    /** @return BelongsToMany<Business, $this, SignIn> */
    public function businesses(): BelongsToMany
    {
        return $this->belongsToMany(Business::class, 'business_users')
            ->using(SignIn::class)
            ->withPivot('role', 'staff_id')
            ->orderBy('name');
    }
}
