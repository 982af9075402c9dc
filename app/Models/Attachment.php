<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use Illuminate\Database\Eloquent\Model;

/**
 * A file that came with a booking.
 *
 * @property string $id
 * @property int $business_id
 * @property string $booking_id
 * @property string $name as it was called where it came from, with the ending of what it is
 * @property int $bytes
 * @property string $kind by what the bytes are
 */
final class Attachment extends Model
{
    use HasId;
    use OfBusiness;

    protected $table = 'attachments';

    protected $guarded = [];
}
