<?php

declare(strict_types=1);

namespace App\Offer\Http;

use App\Models\Business;
use App\Offer\SaveService;
use App\Roster\Setup;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

final readonly class StoreService
{
    /** Longest in minutes that a service, its set-up or its clear-up may last. */
    private const LONGEST = 1440;

    public function __construct(private SaveService $save, private Setup $setup)
    {
    }

    public function __invoke(Request $request, string $slug, ?string $id = null): JsonResponse
    {
        $business = $request->attributes->get('business');
        assert($business instanceof Business);
        $service = $id === null ? null : $business->services()->findOrFail($id);
        $given = $request->validate($this->rules($business), [
            'name.required' => 'What is the service called?',
            'minutes.*' => 'How many minutes does it last? At least 1, at most a day (1440).',
            'setup.*' => 'Set-up is 0 to 1440 minutes.',
            'clearup.*' => 'Clear-up is 0 to 1440 minutes.',
            'startEvery.*' => 'Starts lie 1 to 1440 minutes apart.',
            'noticeMinutes.*' => 'Notice is 0 minutes to a year.',
            'bookAheadDays.*' => 'Clients can book 0 to 730 days ahead.',
            'price.*' => 'The price is an amount of 0 or more.',
            'staff.required' => 'Choose who does it: without anybody it cannot be booked.',
            'staff.*.in' => 'This person does not work here.',
            'max' => 'At most :max characters fit here.',
        ]);
        ($this->save)($business, $service, [
            'name' => trim($given['name']), 'description' => trim($given['description'] ?? ''), 'price' => $given['price'],
            'payment' => $given['payment'], 'minutes' => $given['minutes'], 'setup' => $given['setup'], 'clearup' => $given['clearup'],
            'start_every' => $given['startEvery'], 'notice_minutes' => $given['noticeMinutes'], 'book_ahead_days' => $given['bookAheadDays'],
            'assignment' => $given['assignment'], 'active' => $given['active'] ?? true,
        ], array_values($given['staff']));

        return new JsonResponse($this->setup->of($business), $id === null ? 201 : 200);
    }

    /** @return array<string, mixed> */
    private function rules(Business $business): array
    {
        $minutes = ['required', 'integer', 'max:'.self::LONGEST];

        return [
            'name' => 'required|string|max:120',
            'description' => 'nullable|string|max:2000',
            'price' => 'required|integer|min:0|max:100000000',
            'payment' => 'required|in:none,full',
            'minutes' => [...$minutes, 'min:1'],
            'setup' => [...$minutes, 'min:0'],
            'clearup' => [...$minutes, 'min:0'],
            'startEvery' => [...$minutes, 'min:1'],
            'noticeMinutes' => 'required|integer|min:0|max:525600',
            'bookAheadDays' => 'required|integer|min:0|max:730',
            'assignment' => 'required|in:choose,first,rotate,random,all',
            'active' => 'boolean',
            'staff' => 'required|array|min:1|max:200',
            'staff.*' => ['string', 'distinct', Rule::in($business->staff()->pluck('id')->all())],
        ];
    }
}
