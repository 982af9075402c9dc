<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property string $id
 * @property int $business_id
 * @property string $booking_id
 * @property int $amount
 * @property string $currency
 * @property PaymentKind $kind
 * @property PaymentMethod $method
 * @property int $returned what of it goes or went back
 * @property \Carbon\CarbonImmutable|null $ask_at
 * @property int $asks how often the processor was asked after it in a row
 * @property PaymentState $state
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
        'returned' => 0,
        'asks' => 0,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'ask_at' => 'immutable_datetime',
            'kind' => PaymentKind::class,
            'method' => PaymentMethod::class,
            'state' => PaymentState::class,
        ];
    }

    /** @return BelongsTo<Booking, $this> */
    public function booking(): BelongsTo
    {
        return $this->belongsTo(Booking::class);
    }
}
