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
 * @property string $kind payment, card (kept for a fee) or fee (charged to a kept card)
 * @property int $returned what of it goes or went back
 * @property \Carbon\CarbonImmutable|null $ask_at
 * @property int $asks how often the processor was asked after it in a row
 * @property string $state open, lapsed (not asked for any more), paid, failed, refunding or refunded; of a card kept; of a fee charging
 * @property string|null $checkout of the processor
 */
final class Payment extends Model
{
    use HasId;
    use OfBusiness;

    protected $table = 'payments';

    protected $guarded = [];

    protected $attributes = ['kind' => 'payment', 'returned' => 0, 'asks' => 0];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['ask_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Booking, $this> */
    public function booking(): BelongsTo
    {
        return $this->belongsTo(Booking::class);
    }
}
