<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string $id
 * @property int $business_id
 * @property int $width
 * @property int $height
 */
final class Picture extends Model
{
    use HasId;
    use OfBusiness;

    protected $table = 'pictures';

    protected $guarded = [];
}
