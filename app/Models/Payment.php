<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property string $id
 * @property int $business_id
 * @property string $sale_id
 * @property string|null $booking_id that was given up, and for which it is
 * @property int $amount
 * @property string $currency
 * @property PaymentKind $kind
 * @property PaymentMethod $method
 * @property int $tip beside the amount
 * @property int|null $given in cash
 * @property string $by who took it at the desk
 * @property \Carbon\CarbonImmutable|null $ask_at
 * @property int $asks how often the processor was asked after it in a row
 * @property PaymentState $state
 * @property \Carbon\CarbonImmutable|null $created_at
 * @property string|null $checkout of the processor
 */
final class Payment extends Model
{
    use HasId;
    use OfBusiness;

    protected $table = 'payments';

    protected $guarded = [];

    protected $attributes = [
        'kind' => 'payment',
        'method' => 'processor',
        'state' => 'open',
        'asks' => 0,
        'tip' => 0,
        'by' => '',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'created_at' => 'immutable_datetime',
            'ask_at' => 'immutable_datetime',
            'kind' => PaymentKind::class,
            'method' => PaymentMethod::class,
            'state' => PaymentState::class,
        ];
    }

    /** @return BelongsTo<Sale, $this> */
    public function sale(): BelongsTo
    {
        return $this->belongsTo(Sale::class);
    }

    /** @return HasMany<Refund, $this> */
    public function refunds(): HasMany
    {
        return $this->hasMany(Refund::class)->orderBy('id');
    }

    /** What has neither gone back nor is on its way. */
    public function refundable(): int
    {
        return $this->amount - Sum::of($this->refunds()->where('state', '<>', RefundState::Stopped));
    }
}
