<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\OfBusiness;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * One half of a pair in the book. Written by Ledger\Book alone; the database refuses to change or remove one.
 *
 * @property int $id
 * @property int $business_id
 * @property string $pair
 * @property Account $account
 * @property int $amount
 * @property string $currency
 * @property Movement $about
 * @property string|null $sale_id
 * @property string|null $payment_id
 * @property string|null $booking_id
 * @property string|null $client_id
 * @property string|null $staff_id
 * @property string $rate
 * @property string $day
 * @property CarbonImmutable $at
 * @property string $by
 * @property string $why
 */
final class BookEntry extends Model
{
    use OfBusiness;

    public $timestamps = false;

    protected $table = 'book_entries';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['account' => Account::class, 'about' => Movement::class, 'at' => 'immutable_datetime'];
    }
}
