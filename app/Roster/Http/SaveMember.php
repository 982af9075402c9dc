<?php

declare(strict_types=1);

namespace App\Roster\Http;

use App\Models\Business;
use App\Models\Member;
use App\Roster\Mark;
use App\Roster\Setup;
use App\Roster\WeeklyTable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Adds a staff member, or changes one. */
final readonly class SaveMember
{
    public function __construct(private Setup $setup)
    {
    }

    public function __invoke(Request $request, string $slug, ?string $id = null): JsonResponse
    {
        $business = $request->attributes->get('business');
        assert($business instanceof Business);
        $given = $request->validate([
            'name' => 'required|string|max:120', 'email' => 'nullable|string|max:190|email:rfc', 'active' => 'boolean',
            'hours' => ['nullable', new WeeklyTable], 'breaks' => ['nullable', new WeeklyTable],
        ], [
            'name.required' => 'What is this person called?',
            'email.email' => 'This does not look like a mail address. One looks like name@example.com.',
            'max' => 'At most :max characters fit here.',
        ]);
        $values = [
            'name' => trim($given['name']), 'email' => $given['email'] ?? null, 'active' => $given['active'] ?? true,
            'hours' => $request->input('hours'), 'breaks' => $request->input('breaks'),
        ];
        if ($id !== null && is_array($values['hours'])) {
            $values['hours'] = WeeklyTable::keepPlaces($values['hours'], $business->staff()->findOrFail($id)->hours ?? []);
        }
        if ($id === null) {
            $count = $business->staff()->count();
            Member::query()->create([...$values, ...Mark::next($count), 'business_id' => $business->id, 'position' => $count]);
        } else {
            $business->staff()->findOrFail($id)->update($values);
        }

        return new JsonResponse($this->setup->of($business), $id === null ? 201 : 200);
    }
}
