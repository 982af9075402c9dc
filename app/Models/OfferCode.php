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
 * @property string $code
 * @property int|null $amount minor unit
 * @property string|null $percent
 * @property non-empty-list<string>|null $services ids; null: all
 * @property string|null $from date
 * @property string|null $until date
 * @property int $minimum minor unit
 * @property int|null $uses
 * @property int $used_before
 * @property array<string, int> $used_by_before by client
 * @property int|null $uses_per_client
 * @property bool $first_visit_only
 * @property bool $includes_extras
 * @property bool $combines
 * @property int $position
 */
final class OfferCode extends Model
{
    use HasId;
    use OfBusiness;
    use OfRules;

    protected $table = 'offer_codes';

    protected $guarded = [];

    protected $attributes = ['used_by_before' => '[]'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'services' => 'array',
            'used_by_before' => 'array',
            'first_visit_only' => 'boolean',
            'includes_extras' => 'boolean',
            'combines' => 'boolean',
        ];
    }
}
