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
 * @property string $name
 * @property int $price minor unit
 * @property int $minutes
 * @property bool $per_person
 * @property string|null $picture
 * @property non-empty-list<string>|null $services ids; null: all of them
 * @property list<string> $tax_rates ids
 * @property int $position
 */
final class AddOn extends Model
{
    use HasId;
    use OfBusiness;
    use OfRules;

    protected $table = 'add_ons';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['per_person' => 'boolean', 'services' => 'array', 'tax_rates' => 'array'];
    }
}
