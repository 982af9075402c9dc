{{-- A client's booking before its scripts run: its facts. Without them: what books it, and where it is paid. --}}
<p>{{ $plain['says'] }}</p>
@foreach ($plain['facts'] as $rows)
    <ul class="plain-facts">
        @foreach ($rows as $row)
            <li>{{ $row }}</li>
        @endforeach
    </ul>
@endforeach
<noscript>
    @if (isset($wrong['']))
        <p role="alert" class="plain-wrong">{{ $wrong[''] }}</p>
    @endif
    @if ($plain['pay'] !== null)
        <p><a href="{{ $plain['pay'] }}" id="plain-pay">{{ $say('page.plain.pay') }}</a></p>
    @endif
    @if ($plain['asks'])
        @php($query = request()->getQueryString())
        <form method="post" action="/b/{{ $first['booking']['id'] }}/book?{{ $query }}" class="plain-form">
            @foreach (['name' => 'text', 'email' => 'email', 'phone' => 'tel'] as $field => $type)
                @continue($field === 'phone' && $plain['asksPhone'] === 'never')
                <label>{{ $say("page.plain.{$field}") }}
                    <input name="{{ $field }}" type="{{ $type }}" value="{{ request()->input($field) }}"
                        autocomplete="{{ $field === 'phone' ? 'tel' : $field }}"
                        @required($field !== 'phone' || $plain['asksPhone'] === 'required')>
                </label>
                @isset($wrong[$field])
                    <p role="alert" class="plain-wrong">{{ $wrong[$field] }}</p>
                @endisset
            @endforeach
            @foreach ($plain['questions'] as $question)
                @php($name = "answers[{$question['id']}]")
                @php($given = (array) request()->input("answers.{$question['id']}", []))
                <fieldset>
                    <legend>{{ $question['text'] }}</legend>
                    @switch ($question['type'])
                        @case ('choice')
                        @case ('choices')
                            @foreach ($question['choices'] as $choice)
                                <label><input type="{{ $question['type'] === 'choice' ? 'radio' : 'checkbox' }}"
                                    name="{{ $name }}[]" value="{{ $choice }}"
                                    @checked(in_array($choice, $given, true))> {{ $choice }}</label>
                            @endforeach
                            @break
                        @case ('yesno')
                            @foreach (['yes', 'no'] as $choice)
                                <label>
                                    <input type="radio" name="{{ $name }}" value="{{ $choice }}"
                                        @checked(in_array($choice, $given, true))>
                                    {{ $say("page.plain.{$choice}") }}
                                </label>
                            @endforeach
                            @break
                        @case ('long')
                            <textarea name="{{ $name }}" rows="3"
                                aria-label="{{ $question['text'] }}">{{ $given[0] ?? '' }}</textarea>
                            @break
                        @default
                            <input type="{{ $question['type'] === 'date' ? 'date' : 'text' }}" name="{{ $name }}"
                                value="{{ $given[0] ?? '' }}" aria-label="{{ $question['text'] }}">
                    @endswitch
                    @isset($wrong["answers.{$question['id']}"])
                        <p role="alert" class="plain-wrong">{{ $wrong["answers.{$question['id']}"] }}</p>
                    @endisset
                </fieldset>
            @endforeach
            <label>{{ $say('page.plain.note') }}
                <textarea name="note" rows="2">{{ request()->input('note') }}</textarea>
            </label>
            @if ($plain['mayPayNow'])
                <label><input type="checkbox" name="payNow" value="1"> {{ $say('page.plain.pay_now') }}</label>
            @endif
            @if ($plain['consent'] !== '')
                <label><input type="checkbox" name="agreed" value="1" required> {{ $plain['consent'] }}</label>
                @isset($wrong['agreed'])
                    <p role="alert" class="plain-wrong">{{ $wrong['agreed'] }}</p>
                @endisset
            @endif
            <button type="submit" id="plain-book">{{ $say('page.plain.book') }}</button>
        </form>
    @endif
</noscript>
