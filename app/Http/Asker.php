<?php

declare(strict_types=1);

namespace App\Http;

use App\Access\Access;
use App\Models\Business;
use Illuminate\Http\Request;
use LogicException;

/** Whose business a request is about and who asks, as the middleware BusinessOfRoute has found. */
final readonly class Asker
{
    public static function business(Request $request): Business
    {
        $business = $request->attributes->get('business');

        return $business instanceof Business ? $business : throw new LogicException('This route is of no business.');
    }

    public static function access(Request $request): Access
    {
        $access = $request->attributes->get('access');

        return $access instanceof Access ? $access : throw new LogicException('Nobody signs in on this route.');
    }
}
