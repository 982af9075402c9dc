<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\OfBusiness;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something to be done outside, written in the transaction that made it necessary.
 *
 * @property int $id
 * @property int|null $business_id
 * @property string|null $booking_id
 * @property string|null $sale_id of a sale that has no booking
 * @property string $key
 * @property ChannelName $channel
 * @property Occasion $occasion
 * @property Audience $audience
 * @property string $recipient
 * @property array<string, mixed> $content
 * @property CarbonImmutable $due_at
 * @property OutboxState $state
 * @property int $attempts
 * @property CarbonImmutable|null $sent_at
 * @property CarbonImmutable|null $leased_until
 * @property string $error
 */
final class OutboxEntry extends Model
{
    use OfBusiness;

    public $timestamps = false;

    protected $table = 'outbox';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'content' => 'array', 'due_at' => 'immutable_datetime', 'sent_at' => 'immutable_datetime',
            'leased_until' => 'immutable_datetime',
            'occasion' => Occasion::class, 'audience' => Audience::class,
            'channel' => ChannelName::class, 'state' => OutboxState::class,
        ];
    }

    /** What its content has under a key; empty where it has nothing. */
    public function text(string $key): string
    {
        $value = $this->content[$key] ?? null;

        return is_scalar($value) ? (string) $value : '';
    }

    /** @return array<string, string> where those it tells of were believed to be before, by booking */
    public function places(): array
    {
        $was = json_decode($this->text('was'), true);

        return array_map(strval(...), array_filter(is_array($was) ? $was : [], is_scalar(...)));
    }

    /** @return BelongsTo<Sale, $this> */
    public function sale(): BelongsTo
    {
        return $this->belongsTo(Sale::class);
    }

    /** @return BelongsTo<Booking, $this> */
    public function booking(): BelongsTo
    {
        return $this->belongsTo(Booking::class);
    }
}
