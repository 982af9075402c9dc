<?php

declare(strict_types=1);

namespace App\Sessions\Http;

use App\Http\Asker;
use App\Sessions\CancelSessions;
use App\Sessions\SessionSheet;
use App\Support\Given;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Cancels a session, or it and all later ones of its series. */
final readonly class CancelSession
{
    public function __construct(private CancelSessions $cancel, private SessionSheet $sheet)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $session = SessionOf::request($request, $id);
        $given = self::given($request);
        ($this->cancel)(
            business: $business,
            session: $session,
            later: $given->bool('later'),
            why: $given->text('why'),
            told: ! $given->has('told') || $given->bool('told'),
            by: Asker::access($request)->user->name,
            seen: $given->stringIf('seen'),
        );

        return new JsonResponse($this->sheet->of($business, $session->refresh()));
    }

    /** Whom and what it would concern; nothing is done. */
    public function tried(Request $request, string $slug, string $id): JsonResponse
    {
        $session = SessionOf::request($request, $id);

        return new JsonResponse(
            $this->cancel->tried(Asker::business($request), $session, self::given($request)->bool('later')),
        );
    }

    private static function given(Request $request): Given
    {
        return Given::in($request->validate(
            [
                'later' => 'nullable|boolean',
                'why' => 'nullable|string|max:300',
                'told' => 'nullable|boolean',
                'seen' => 'nullable|string|max:40',
            ],
            ['*.max' => 'wrong.plain.too_long?max=:max'],
        ));
    }
}
