<?php

declare(strict_types=1);

namespace App\Roster\Http;

use App\Models\User;
use App\Roster\BeginBusiness;
use App\Roster\Contents\FactsContent;
use App\Support\Refusal;
use App\Support\WeeklyTable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What the guided start has gathered becomes a business. */
final readonly class CreateBusiness
{
    /** Businesses one account may begin. */
    private const MOST = 20;

    public function __construct(private BeginBusiness $begin)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $facts = $request->validate([
            ...FactsContent::first(null),
            'address' => 'nullable|string|max:300',
            'hours' => ['present', 'array', new WeeklyTable],
            'services' => 'present|array|list|max:20',
            'services.*.name' => 'required|string|max:120',
            'services.*.minutes' => 'required|integer|min:1|max:1440',
            'services.*.price' => 'required|integer|min:0|max:100000000',
            'people' => 'present|array|list|max:60',
            'people.*' => 'required|string|max:120',
        ], FactsContent::sentences() + [
            'services.*.name.required' => 'What is the service called?', 'services.*.minutes.*' => 'How many minutes does it last? At least 1, at most a day (1440).', 'services.*.price.*' => 'The price is an amount of 0 or more.',
            'people.*.required' => 'What is this person called?', 'max' => 'At most :max fit here.', 'max.string' => 'At most :max characters fit here.',
        ]);
        if ($user->businesses()->count() >= self::MOST) {
            throw new Refusal('One account begins at most '.self::MOST.' businesses.', 409);
        }

        return new JsonResponse(['slug' => ($this->begin)($user, $facts)->slug], 201);
    }
}
