<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use App\Models\Concerns\OfRules;
use Illuminate\Database\Eloquent\Model;

/**
 * A staff member.
 *
 * @property string $id
 * @property int $business_id
 * @property string $name
 * @property string|null $email
 * @property string $colour
 * @property string $pattern
 * @property bool $active
 * @property int $position
 * @property array<string, list<array{from: string, to: string}>>|null $hours
 * @property array<string, list<array{from: string, to: string}>>|null $breaks
 * @property bool $respect_busy
 * @property int|null $max_per_day
 * @property string $phone
 * @property string $about
 * @property string|null $picture
 * @property bool $changes_own_hours
 * @property list<string> $told_of of OCCASIONS
 * @property string|null $page
 * @property list<array{service: string, amount: int|null, percent: string|null}> $rates own pay by service
 */
final class Member extends Model
{
    use HasId;
    use OfBusiness;
    use OfRules;

    /** What somebody may get a mail about. */
    public const OCCASIONS = ['booked', 'moved', 'cancelled', 'late'];

    protected $table = 'staff';

    protected $attributes = ['told_of' => '["booked", "moved", "cancelled"]', 'rates' => '[]'];

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'hours' => 'array',
            'breaks' => 'array',
            'active' => 'boolean',
            'respect_busy' => 'boolean',
            'changes_own_hours' => 'boolean',
            'told_of' => 'array',
            'rates' => 'array',
        ];
    }
}
