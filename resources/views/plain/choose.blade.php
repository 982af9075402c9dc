{{-- Without scripts: what is chosen, by fields; the time that is picked, and what keeps it. --}}
<noscript>
    @if ($notice !== '')
        <p role="alert" class="plain-wrong">{{ $notice }}</p>
    @endif
    @if ($picked !== null)
        <form method="post" class="plain-form">
            <p><b>{{ $picked['when'] }}</b>, {{ $picked['price'] }}</p>
            @if ($picked['terms'] !== '')
                <p>{{ $picked['terms'] }}</p>
            @endif
            <button type="submit" id="plain-keep">{{ $say('page.plain.keep') }}</button>
        </form>
    @endif
    @if ($choices !== null && $choices['asks'])
        <form method="get" class="plain-form">
            <input type="hidden" name="service" value="{{ $choices['service'] }}">
            @if ($choices['people'] !== [])
                <label>{{ $say('page.plain.with') }}
                    <select name="with">
                        <option value="">{{ $say('page.plain.anyone') }}</option>
                        @foreach ($choices['people'] as $id => $name)
                            <option value="{{ $id }}" @selected($choices['with'] === $id)>{{ $name }}</option>
                        @endforeach
                    </select>
                </label>
            @endif
            @if ($choices['places'] !== [])
                <label>{{ $say('page.plain.place') }}
                    <select name="place">
                        @foreach ($choices['places'] as $id => $name)
                            <option value="{{ $id }}" @selected($choices['place'] === $id)>{{ $name }}</option>
                        @endforeach
                    </select>
                </label>
            @endif
            @if ($choices['lengths'] !== [])
                <label>{{ $say('page.plain.minutes') }}
                    <select name="minutes">
                        @foreach ($choices['lengths'] as $minutes)
                            <option @selected($choices['minutes'] === $minutes)>{{ $minutes }}</option>
                        @endforeach
                    </select>
                </label>
            @endif
            @if ($choices['parties'] !== [])
                <label>{{ $say('page.plain.party') }}
                    <select name="party">
                        @foreach ($choices['parties'] as $party)
                            <option @selected($choices['party'] === $party)>{{ $party }}</option>
                        @endforeach
                    </select>
                </label>
            @endif
            <button type="submit">{{ $say('page.plain.show_times') }}</button>
        </form>
    @endif
</noscript>
