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
 * @property string $address
 * @property array<string, list<array{from: string, to: string}>>|null $hours
 * @property string $directions
 * @property string|null $picture
 * @property string $phone
 * @property bool $online
 * @property string $meeting_link
 */
final class Location extends Model
{
    use HasId;
    use OfBusiness;
    use OfRules;

    protected $table = 'locations';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['hours' => 'array', 'online' => 'boolean'];
}
