<?php

declare(strict_types=1);

namespace App\Clients\Http;

use App\Clients\Guest;
use App\Clients\PhoneNumber;
use App\Models\Business;
use App\Support\Given;
use App\Support\MailAddress;
use Illuminate\Validation\Rule;

/** Whom the desk books or sells for, as it is sent. */
final class GuestAsked
{
    /** @return array<string, list<mixed>|string> */
    public static function rules(Business $business): array
    {
        return [
            'client' => [
                'nullable',
                'string',
                'max:26',
                Rule::exists('clients', 'id')->where('business_id', $business->id),
            ],
            'walkIn' => 'nullable|boolean',
            'name' => 'nullable|exclude_if:walkIn,true|required_without:client|string|max:120',
            'email' => ['nullable', 'exclude_if:walkIn,true', 'string', 'max:190', new MailAddress()],
            'phone' => [
                'nullable',
                'exclude_if:walkIn,true',
                'string',
                'max:40',
                new PhoneNumber($business->time_zone),
            ],
        ];
    }

    /** @return array<string, string> */
    public static function sentences(): array
    {
        return ['client.*' => 'wrong.desk.no_such_client', 'name.required_without' => 'wrong.desk.name_required'];
    }

    public static function read(Given $given, Business $business): Guest
    {
        return new Guest(
            $given->stringIf('client'),
            $given->text('name'),
            $given->text('email'),
            PhoneNumber::canonical($given->text('phone'), $business->time_zone),
        );
    }
}
