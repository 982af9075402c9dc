<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use YardBell\Core\Time\Zone;

/**
 * @property int $id
 * @property string $slug
 * @property string $name
 * @property string $about
 * @property string $time_zone
 * @property string $currency
 * @property array<string, list<array{from: string, to: string}>> $opening_hours
 * @property CarbonImmutable|null $published_at
 */
final class Business extends Model
{
    protected $guarded = ['id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['opening_hours' => 'array', 'published_at' => 'immutable_datetime'];
    }

    public function zone(): Zone
    {
        return Zone::named($this->time_zone);
    }

    /** @return BelongsToMany<User, $this> */
    public function users(): BelongsToMany
    {
        return $this->belongsToMany(User::class, 'business_users')->withPivot('role');
    }

    /** @return HasMany<Location, $this> */
    public function locations(): HasMany
    {
        return $this->hasMany(Location::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<Member, $this> */
    public function staff(): HasMany
    {
        return $this->hasMany(Member::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<Service, $this> */
    public function services(): HasMany
    {
        return $this->hasMany(Service::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<Booking, $this> */
    public function bookings(): HasMany
    {
        return $this->hasMany(Booking::class);
    }
}
