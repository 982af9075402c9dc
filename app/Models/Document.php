<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * An invoice or a credit note, as it was issued (rules.md L5).
 *
 * @property string $id
 * @property int $business_id
 * @property string $sale_id
 * @property string $kind invoice or credit
 * @property int $year
 * @property int $number
 * @property string|null $of the invoice that a credit note takes back
 * @property array<string, mixed> $content
 * @property string $by
 * @property CarbonImmutable $at
 */
final class Document extends Model
{
    use HasId;
    use OfBusiness;

    public $timestamps = false;

    protected $table = 'documents';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['content' => 'array', 'at' => 'immutable_datetime'];
    }

    /** "2027-0003", of a credit note "C2027-0003" */
    public function written(): string
    {
        return ($this->kind === 'credit' ? 'C' : '').sprintf('%04d-%04d', $this->year, $this->number);
    }
}
