<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use App\Models\Concerns\OfRules;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string $id
 * @property int $business_id
 * @property string $of business, location or staff
 * @property string $owner_id empty for the business
 * @property string $date
 * @property list<array{from: string, to: string, at?: string}> $hours
 */
final class SpecialDay extends Model
{
    use HasId;
    use OfBusiness;
    use OfRules;

    protected $table = 'special_days';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['hours' => 'array'];
    }
}
