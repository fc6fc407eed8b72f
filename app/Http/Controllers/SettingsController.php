<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\Devices;
use App\Rules\Amount;
use App\Support\VolumeUnit;
use Closure;
use Cresco\Core\Measure\Method;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\Unit;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

final class SettingsController extends Controller
{
    /** How a parameter may be measured; the reading decides the rest. */
    public const METHODS = [Method::Pen, Method::Drops, Method::AtField, Method::Exact];

    public function edit(Request $request): View
    {
        $keeper = $this->keeper($request);

        return view('settings', ['keeper' => $keeper, 'show' => $keeper->show(), 'methods' => self::METHODS]);
    }

    public function update(Request $request): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $rules = [
            'name' => ['required', 'string', 'max:80'],
            'volume_unit' => ['required', Rule::enum(VolumeUnit::class)],
            'theme' => ['required', 'in:auto,light,dark'],
            'timezone' => ['required', 'timezone:all'],
            'bucket_litres' => ['required', new Amount(0.5, 100, '', '12')],
            'pen_factor' => ['required', new Amount(0.4, 1.0, '', '0.5')],
            'scale_step' => ['required', new Amount(0.001, 10, 'g', '0.1')],
            'simulated' => ['nullable', 'array'],
            'simulated.*' => [Rule::in(array_keys(Devices::all()))],
        ];
        foreach (Parameter::cases() as $parameter) {
            $field = 'kits.'.$parameter->value;
            $rules[$field] = ['required', 'array:method,unit,step,fields'];
            $rules[$field.'.method'] = ['required', Rule::in(array_map(static fn(Method $m): string => $m->value, self::METHODS))];
            $rules[$field.'.unit'] = ['required', Rule::in(array_map(static fn(Unit $u): string => $u->key, Unit::for($parameter)))];
            $rules[$field.'.step'] = ['nullable', new Amount(0, 100, '', '1')];
            $rules[$field.'.fields'] = ['nullable', 'string', 'max:120', function (string $attribute, mixed $value, Closure $fail): void {
                $fields = self::fields($value);
                if ($fields === null || count($fields) < 2) {
                    $fail('Write the values of the fields, rising, such as 0 5 10 20 40 80.');
                }
            }];
        }
        $checked = $this->checked($request, $rules, [
            'required' => 'This is needed.',
            'timezone' => 'Choose a time zone from the list, such as Europe/Lisbon.',
            'in' => 'Choose one from the list.',
        ]);
        DB::transaction(function () use ($keeper, $request, $checked): void {
            $keeper->update([
                'name' => $checked['name'],
                'volume_unit' => $checked['volume_unit'],
                'theme' => $checked['theme'],
                'timezone' => $checked['timezone'],
                'bucket_litres' => (VolumeUnit::tryFrom((string) $request->string('volume_unit')) ?? VolumeUnit::Litre)->toLitres(Amount::parse($request->input('bucket_litres')) ?? 12.0),
                'pen_factor' => Amount::parse($request->input('pen_factor')) ?? 0.5,
                'scale_step' => Amount::parse($request->input('scale_step')) ?? 0.1,
                'simulated' => array_values(array_filter((array) $request->input('simulated', []), is_string(...))),
            ]);
            foreach (Parameter::cases() as $parameter) {
                $field = 'kits.'.$parameter->value;
                $keeper->kits()->updateOrCreate(['parameter' => $parameter], [
                    'method' => (string) $request->string($field.'.method'),
                    'unit' => (string) $request->string($field.'.unit'),
                    'step' => Amount::parse($request->input($field.'.step')) ?? 0.0,
                    'fields' => self::fields($request->input($field.'.fields')) ?? [],
                ]);
            }
        });

        return redirect('/settings')->with('status', 'Kept.');
    }

    /** @return list<float>|null null when they are not rising numbers */
    private static function fields(mixed $text): ?array
    {
        if (!is_string($text) || trim($text) === '') {
            return $text === null || $text === '' ? [] : null;
        }
        $fields = [];
        foreach ((array) preg_split('/[\s;]+/', trim($text)) as $part) {
            $number = Amount::parse($part);
            if ($number === null || $number < 0.0 || ($fields !== [] && $number <= end($fields))) {
                return null;
            }
            $fields[] = $number;
        }

        return $fields;
    }
}
