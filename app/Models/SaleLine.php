<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Only ever added: a correction is a line of its own (rules.md L1).
 *
 * @property string $id
 * @property int $business_id
 * @property string $sale_id
 * @property string|null $booking_id
 * @property SaleLineKind $kind
 * @property string $label
 * @property int $amount with tax, minor unit
 * @property list<array{name: string, percent: string, included: bool, net: int, amount: int}> $taxes
 * @property string $why
 * @property string $by
 * @property CarbonImmutable $at
 */
final class SaleLine extends Model
{
    use HasId;
    use OfBusiness;

    public $timestamps = false;

    protected $table = 'sale_lines';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => SaleLineKind::class, 'taxes' => 'array', 'at' => 'immutable_datetime'];
    }
}
