<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What is owed for (rules.md L1). Its row is locked by whoever moves money of it.
 *
 * @property string $id
 * @property int $business_id
 * @property string|null $client_id
 * @property string $name of whom it is for, as given
 * @property string $currency
 * @property CarbonImmutable $created_at
 * @property-read \Illuminate\Database\Eloquent\Collection<int, SaleLine> $lines
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Payment> $payments
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Refund> $refunds
 * @property-read \Illuminate\Database\Eloquent\Collection<int, BookEntry> $entries
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Booking> $bookings
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Document> $documents
 * @property-read Client|null $client
 * @property-read Business $business
 */
final class Sale extends Model
{
    use HasId;
    use OfBusiness;

    protected $table = 'sales';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['created_at' => 'immutable_datetime'];
    }

    /** What is owed less what has been paid, minor unit; below zero where there is something to give back. */
    public function owed(): int
    {
        return Sum::of(BookEntry::query()->where('sale_id', $this->id)->where('account', Account::Due));
    }

    /** What all its lines come to, minor unit. */
    public function total(): int
    {
        return array_sum($this->lines->map(static fn (SaleLine $line): int => $line->amount)->all());
    }

    /** What is written of it is written about: its first visit, or itself where it has none. */
    public function about(): Booking|self
    {
        return $this->bookings()->first() ?? $this;
    }

    /** Where its client is written to; empty: nowhere. */
    public function email(): string
    {
        return $this->client->email ?? '';
    }

    /** Whether something of it was paid online, or a card is kept for it. */
    public function isPaidOnline(): bool
    {
        return $this->payments()->whereIn('state', [PaymentState::Paid, PaymentState::Kept])->exists();
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return HasMany<SaleLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(SaleLine::class)->orderBy('at')->orderBy('id');
    }

    /** @return HasMany<Payment, $this> */
    public function payments(): HasMany
    {
        return $this->hasMany(Payment::class)->orderBy('id');
    }

    /** @return HasMany<Refund, $this> */
    public function refunds(): HasMany
    {
        return $this->hasMany(Refund::class)->orderBy('id');
    }

    /** @return HasMany<BookEntry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(BookEntry::class)->orderBy('id');
    }

    /** @return HasMany<Booking, $this> */
    public function bookings(): HasMany
    {
        return $this->hasMany(Booking::class)->orderBy('starts_at')->orderBy('id');
    }

    /** @return HasMany<Document, $this> */
    public function documents(): HasMany
    {
        return $this->hasMany(Document::class)->orderBy('at')->orderBy('id');
    }
}
