<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Access\Access;
use App\Access\Role;
use App\Language\Speech;
use App\Models\Business;
use App\Models\CurrentBusiness;
use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Which business a route speaks of, and whether whoever asks works there. If not, it is not found. */
final readonly class BusinessOfRoute
{
    public function __construct(private CurrentBusiness $current, private Speech $speech)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        $slug = $request->route('business');
        $business =
            $user instanceof User && is_string($slug) ? $user->businesses()->where('slug', $slug)->first() : null;
        if ($business === null) {
            throw new NotFoundHttpException();
        }
        $this->current->set($business->id, $business);
        $this->speech->of($business->locale);
        $request->attributes->set('business', $business);
        $request->attributes->set(
            'access',
            new Access($user, Role::from((string) $business->pivot->role), $business->pivot->staff_id),
        );

        return $next($request);
    }
}
