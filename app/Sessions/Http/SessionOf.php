<?php

declare(strict_types=1);

namespace App\Sessions\Http;

use App\Http\Asker;
use App\Models\Session;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\Request;

/** The session that a request names, for whoever may see it. */
final class SessionOf
{
    /** @throws ModelNotFoundException where it is none of this business, or not to be seen by who asks */
    public static function request(Request $request, string $id): Session
    {
        $session = Session::query()->where('business_id', Asker::business($request)->id)->findOrFail($id);
        $own = Asker::access($request)->ownLane();
        if ($own !== null && ! in_array($own, $session->staff_ids, true)) {
            throw (new ModelNotFoundException())->setModel(Session::class, $id);
        }

        return $session;
    }
}
