<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Relations\Pivot;

/**
 * That an account may sign in to a business.
 *
 * @property string $role
 * @property string|null $staff_id who of the staff they are; null: not booked
 */
final class SignIn extends Pivot
{
    use BootsByName;

    protected $table = 'business_users';
}
