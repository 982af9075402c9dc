<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use App\Models\Concerns\OfRules;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/**
 * @property string $id
 * @property int $business_id
 * @property string $name
 * @property string $description
 * @property int $minutes
 * @property int $setup
 * @property int $clearup
 * @property int $start_every
 * @property int $notice_minutes
 * @property int $book_ahead_days
 * @property string $assignment
 * @property bool $active
 * @property int $position
 * @property string $kind appointment or session
 * @property list<int>|array{min: int, max: int, step: int}|null $lengths null: "minutes" alone
 * @property string $start_from clock or opening
 * @property array<string, list<array{from: string, to: string}>>|null $hours
 * @property string|null $available_from date
 * @property string|null $available_until date
 * @property int $places
 * @property int|null $max_party
 * @property int|null $max_per_day
 * @property string|null $category_id
 * @property string|null $picture
 * @property string $head what one of those who come is called; empty: a person
 * @property string $heads the same of several
 * @property string $bring what clients are to bring, told once it is booked
 * @property string $staff_note private: never shown to clients
 * @property string $visibility page, link or desk
 * @property bool $approval a booking waits for a yes
 * @property array{
 *     kind: string, amount: int, byMinutes: list<array{minutes: int, amount: int}>, perStep: int|null,
 *     byStaff: list<array{staff: string, amount: int}>, perPerson: bool, extraPeople: list<int>, ...
 * } $pricing minor unit; see PricingContent
 * @property array{kind: string, amount: int|null, percent: string|null} $payment_terms
 * @property array{freeMinutes: int, amount: int|null, percent: string|null}|null $cancellation null: always free
 * @property array{amount: int|null, percent: string|null}|null $staff_pay null: nothing
 * @property string $colour
 * @property string $pattern
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Member> $staff
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Location> $locations
 */
final class Service extends Model
{
    use HasId;
    use OfBusiness;
    use OfRules;

    protected $table = 'services';

    protected $guarded = [];

    protected $attributes = ['bring' => '', 'head' => '', 'heads' => ''];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'active' => 'boolean',
            'approval' => 'boolean',
            'lengths' => 'array',
            'hours' => 'array',
            'pricing' => 'array',
            'payment_terms' => 'array',
            'cancellation' => 'array',
            'staff_pay' => 'array',
        ];
    }

    /** One of a business, read once while that is the one spoken of. */
    public static function of(int $business, string $id): ?self
    {
        return app(CurrentBusiness::class)->once(
            $business,
            "service {$id}",
            static fn (): ?self => self::query()->where('business_id', $business)->find($id),
        );
    }

    /**
     * The same, of which it is known that it is there.
     *
     * @throws ModelNotFoundException
     */
    public static function known(int $business, string $id): self
    {
        return self::of($business, $id) ?? throw (new ModelNotFoundException())->setModel(self::class, $id);
    }

    /** Whether clients may book it on the page. */
    public function isOffered(): bool
    {
        return $this->active && $this->visibility !== 'desk';
    }

    /** @return BelongsToMany<Member, $this> */
    public function staff(): BelongsToMany
    {
        $staff = $this->belongsToMany(Member::class, 'service_staff', 'service_id', 'staff_id')
            ->withPivot('position')
            ->orderBy('service_staff.position');
        $staff->whereColumn('service_staff.business_id', 'staff.business_id');

        return $staff;
    }

    /** @return BelongsToMany<Location, $this> */
    public function locations(): BelongsToMany
    {
        $locations = $this->belongsToMany(Location::class, 'service_location')
            ->withPivot('position')
            ->orderBy('service_location.position');
        $locations->whereColumn('service_location.business_id', 'locations.business_id');

        return $locations;
    }

    /** @return array{one: string, many: string}|null what those who come are called here; null: people */
    public function callsThem(): ?array
    {
        return $this->head === '' || $this->heads === '' ? null : ['one' => $this->head, 'many' => $this->heads];
    }
}
