<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use YardBell\Core\Availability\TightDays;
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
 * @property CarbonImmutable $created_at
 * @property string|null $rules_version null before it is first saved
 * @property int $travel_minutes
 * @property TightDays $tight_days
 * @property int $answer_minutes within which a request is answered, as clients are told
 * @property string $asks_phone of clients who book: never, optional or required
 * @property string $consent what a client agrees to when booking; may be empty
 * @property bool $searchable whether search engines may show its page
 * @property string $tax_number
 * @property TaxDay $tax_day
 * @property bool $prices_include_tax
 * @property int $longest_taken
 * @property-read SignIn $pivot where it was reached from an account
 * @property string $phone
 * @property string $email
 * @property list<string> $links
 * @property string $locale its language and country: "en-GB"
 * @property int $clock 12 or 24 hours
 * @property string $first_weekday
 * @property array<string, list<array{from: string, to: string}>>|null $public_hours null: the opening hours
 * @property string $proof of an address: never, abuse or always (see ProofOfAddress)
 * @property CarbonImmutable|null $abused_until
 * @property string|null $logo
 * @property string|null $banner
 */
final class Business extends Model
{
    use BootsByName;

    /** What the rules are made of; a change of any of these is a change of the rules. */
    private const RULES = ['time_zone', 'opening_hours', 'travel_minutes', 'tight_days', 'prices_include_tax'];

    protected $table = 'businesses';

    protected $guarded = [];

    protected $attributes = [
        'travel_minutes' => 0,
        'tight_days' => 'off',
        'searchable' => true,
        'answer_minutes' => 1440,
        'asks_phone' => 'optional',
        'consent' => '',
        'longest_taken' => 480,
        'prices_include_tax' => true,
        'links' => '[]',
        'clock' => 24,
        'first_weekday' => 'mon',
        'phone' => '',
        'tax_number' => '',
        'tax_day' => 'booked',
        'email' => '',
        'proof' => 'abuse',
    ];

    protected static function booted(): void
    {
        self::saving(static function (self $business): void {
            if ($business->rules_version === null || $business->isDirty(self::RULES)) {
                $business->rules_version = Id::make();
            }
        });
    }

    /** What is set up has changed: whoever has read it before reads it again. */
    public static function rulesChanged(int $id): void
    {
        self::query()
            ->whereKey($id)
            ->update(['rules_version' => Id::make()]);
        app(CurrentBusiness::class)->readAgain();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'opening_hours' => 'array',
            'tight_days' => TightDays::class,
            'tax_day' => TaxDay::class,
            'searchable' => 'boolean',
            'links' => 'array',
            'prices_include_tax' => 'boolean',
            'public_hours' => 'array',
            'published_at' => 'immutable_datetime',
            'abused_until' => 'immutable_datetime',
        ];
    }

    public function zone(): Zone
    {
        return Zone::named($this->time_zone);
    }

    /** @return BelongsToMany<User, $this, SignIn> */
    public function users(): BelongsToMany
    {
        return $this->belongsToMany(User::class, 'business_users')->using(SignIn::class)->withPivot('role', 'staff_id');
    }

    /** @return Collection<int, User> */
    public function owners(): Collection
    {
        return $this->users()->wherePivot('role', 'owner')->get();
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
