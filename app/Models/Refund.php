<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Some or all of a payment that goes back the way it came (rules.md L3), or is credited (L7).
 *
 * @property string $id
 * @property int $business_id
 * @property string $sale_id
 * @property string|null $booking_id that was given up, and for which it is
 * @property string $payment_id
 * @property bool $as_credit it became the client's account credit, however it came
 * @property int $amount
 * @property RefundState $state
 * @property string $why
 * @property string $by
 * @property int $tries how often it was tried again after it was refused
 * @property CarbonImmutable|null $ask_at
 * @property int $asks
 * @property CarbonImmutable|null $decided_at by the business's clock
 * @property CarbonImmutable $created_at
 * @property-read Payment $payment
 */
final class Refund extends Model
{
    use HasId;
    use OfBusiness;

    protected $table = 'refunds';

    protected $guarded = [];

    protected $attributes = ['state' => 'waiting', 'why' => '', 'asks' => 0, 'tries' => 0];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'as_credit' => 'boolean',
            'state' => RefundState::class,
            'ask_at' => 'immutable_datetime',
            'created_at' => 'immutable_datetime',
            'decided_at' => 'immutable_datetime',
        ];
    }

    /** When it was decided, by the business's clock. */
    public function at(): CarbonImmutable
    {
        return $this->decided_at ?? $this->created_at;
    }

    /** The way it goes. */
    public function method(): PaymentMethod
    {
        return $this->as_credit ? PaymentMethod::Credit : $this->payment->method;
    }

    /** The processor's answer to a key stays what it was, so another try has another. */
    public function key(): string
    {
        return "refund-{$this->id}".($this->tries === 0 ? '' : "-{$this->tries}");
    }

    /** @return BelongsTo<Payment, $this> */
    public function payment(): BelongsTo
    {
        return $this->belongsTo(Payment::class);
    }

    /** @return BelongsTo<Sale, $this> */
    public function sale(): BelongsTo
    {
        return $this->belongsTo(Sale::class);
    }
}
