<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use YardBell\Core\Booking\State;

/**
 * @property string $id
 * @property int $business_id
 * @property string $service_id
 * @property string $location_id
 * @property string|null $client_id
 * @property string $service_name
 * @property CarbonImmutable $starts_at
 * @property int $minutes
 * @property int $setup
 * @property int $clearup
 * @property CarbonImmutable $taken_from
 * @property CarbonImmutable $taken_until
 * @property int $party
 * @property State $state
 * @property CarbonImmutable|null $held_until
 * @property string|null $locale the client's, as they booked; null: the house booked, in its own
 * @property string|null $priced_for the client at whose prices it is held
 * @property string|null $client_zone of whoever booked; null: not known
 * @property string|null $visitor the network it came from (see Visitor), for a day; null: the house
 * @property bool $awaits_proof of the mail address
 * @property CarbonImmutable|null $proven_at when it was shown that whoever booked reads what goes to its address
 * @property int $price
 * @property string|null $price_version of the settings it was made under; null: before versions were kept
 * @property int|null $from_price what a price that is settled at the desk begins at
 * @property string $currency
 * @property AskedToPay $payment
 * @property int $extra_minutes of the minutes: what add-ons add
 * @property string|null $repeat_id shared by those that were booked as one repeat
 * @property string|null $visit_id shared by those that are the parts of one visit
 * @property string|null $sale_id once it is booked, or to be paid
 * @property list<array{name: string, percent: string, included: bool, net: int, amount: int}> $taxes of the quote, by
 *   rate
 * @property array<string, int> $staff_pay by member
 * @property list<array{kind: string, label: string, amount: int, id?: string, quantity?: int}> $lines of the quote, as
 *   it was sold
 * @property int $due_now when booking
 * @property array{freeMinutes: int, amount: int|null, percent: string|null}|null $cancellation the terms it was made
 *   under
 * @property int|null $fee what cancelling has cost
 * @property string $note
 * @property int $link_version how often the links to it were made void
 * @property array{text: string, at: string}|null $consent what the client agreed to, in what words, when
 * @property int $calendar_sequence
 * @property string|null $session_id
 * @property list<string> $staff_ids as booked
 * @property string|null $wished_staff whom its client wished for; null: anyone
 * @property list<string> $units ids
 * @property bool $double_booked
 * @property list<array{start: string, staff: list<string>}> $suggested other times, while it waits for a yes
 * @property list<array{rule: string, says: string}> $outside what was broken on purpose, in what words (rules.md T18)
 * @property array{name: string, email: string, phone: string}|null $contact as given with this booking; null while held
 * @property list<Answer> $answers
 * @property CarbonImmutable $created_at
 * @property-read Collection<int, Member> $staff
 * @property-read Client|null $client
 * @property-read Service|null $service
 * @property-read Location|null $location
 * @property-read Collection<int, Payment> $payments
 * @property-read Collection<int, BookEntry> $entries
 */
final class Booking extends Model
{
    use HasId;
    use OfBusiness;

    protected $table = 'bookings';

    protected $guarded = [];

    protected $attributes = [
        'answers' => '[]',
        'outside' => '[]',
        'suggested' => '[]',
        'lines' => '[]',
        'taxes' => '[]',
        'staff_pay' => '[]',
        'extra_minutes' => 0,
        'due_now' => 0,
        'awaits_proof' => false,
        'link_version' => 0,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'starts_at' => 'immutable_datetime',
            'taken_from' => 'immutable_datetime',
            'taken_until' => 'immutable_datetime',
            'held_until' => 'immutable_datetime',
            'created_at' => 'immutable_datetime',
            'state' => State::class,
            'staff_ids' => 'array',
            'units' => 'array',
            'double_booked' => 'boolean',
            'awaits_proof' => 'boolean',
            'contact' => 'array',
            'answers' => Answer::class,
            'payment' => AskedToPay::class,
            'outside' => 'array',
            'suggested' => 'array',
            'lines' => 'array',
            'taxes' => 'array',
            'staff_pay' => 'array',
            'cancellation' => 'array',
            'consent' => 'array',
        ];
    }

    public function endsAt(): CarbonImmutable
    {
        return $this->starts_at->addMinutes($this->minutes);
    }

    /** @return BelongsToMany<Member, $this> */
    public function staff(): BelongsToMany
    {
        $staff = $this->belongsToMany(Member::class, 'booking_staff', 'booking_id', 'staff_id');
        $staff->whereColumn('booking_staff.business_id', 'staff.business_id');

        return $staff;
    }

    /**
     * @param  list<array{name: string, percent: string, included: bool, net: int, amount: int}>  $taxes
     * @return list<array{name: string, percent: string, amount: int}> what the price includes
     */
    public static function includedOf(array $taxes): array
    {
        $included = [];
        foreach ($taxes as $tax) {
            if ($tax['included']) {
                $included[] = ['name' => $tax['name'], 'percent' => $tax['percent'], 'amount' => $tax['amount']];
            }
        }

        return $included;
    }

    /** Where its client is written to; empty: nowhere. */
    public function email(): string
    {
        return $this->contact['email'] ?? '';
    }

    /** Whether something of it was paid online, or a card is kept for it. */
    public function isPaidOnline(): bool
    {
        return $this->sale_id !== null &&
            $this->payments()->whereIn('state', [PaymentState::Paid, PaymentState::Kept])->exists();
    }

    /** Whether somebody takes it, or leads the session it is part of. */
    public function isWith(string $staff): bool
    {
        return $this->staff->contains('id', $staff);
    }

    /** Where it is; a nameless place for a session without one. */
    public function place(): Location
    {
        return $this->location ?? new Location(['name' => '', 'address' => '']);
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** What it is of; null where that was taken off the offer since. */
    public function getServiceAttribute(): ?Service
    {
        return Service::of($this->business_id, $this->service_id);
    }

    /** @return BelongsTo<Location, $this> */
    public function location(): BelongsTo
    {
        return $this->belongsTo(Location::class);
    }

    /** @return BelongsTo<Sale, $this> */
    public function sale(): BelongsTo
    {
        return $this->belongsTo(Sale::class);
    }

    /** @return HasMany<Payment, $this> of its sale */
    public function payments(): HasMany
    {
        return $this->hasMany(Payment::class, 'sale_id', 'sale_id')->orderBy('id');
    }

    /** @return HasMany<BookEntry, $this> of its sale: what was owed, came in and went back */
    public function entries(): HasMany
    {
        return $this->hasMany(BookEntry::class, 'sale_id', 'sale_id')
            ->whereIn('account', [Account::Due, Account::Returning, Account::Credit])
            ->orderBy('id');
    }

    /** With what its sale says by now; before it has one, that is nothing. */
    public function withMoney(): self
    {
        return $this->sale_id === null
            ? $this->setRelation('payments', new Collection())->setRelation('entries', new Collection())
            : $this->load(['payments', 'entries']);
    }

    /** @return HasMany<OutboxEntry, $this> */
    public function messages(): HasMany
    {
        return $this->hasMany(OutboxEntry::class)->where('channel', ChannelName::Mail)
            ->orderBy('due_at')->orderBy('id');
    }

    /** @return HasMany<BookingChange, $this> */
    public function changes(): HasMany
    {
        return $this->hasMany(BookingChange::class)->orderBy('id');
    }
}
