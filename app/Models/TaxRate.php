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
 * @property string $percent
 * @property int $position
 */
final class TaxRate extends Model
{
    use HasId;
    use OfBusiness;
    use OfRules;

    protected $table = 'tax_rates';

    protected $guarded = [];
}
