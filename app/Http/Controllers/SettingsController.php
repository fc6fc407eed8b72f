<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\Devices;
use App\Models\Keeper;
use App\Models\Kit;
use App\Units\Amount;
use App\Units\KitSet;
use App\Units\LengthUnit;
use App\Units\MomentRule;
use App\Units\Scale;
use App\Units\Show;
use App\Units\VolumeUnit;
use Carbon\CarbonImmutable;
use Closure;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Measure\ReadingMethod;
use Cresco\Core\Measure\TestKit;
use Cresco\Core\Measure\Unit;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

final class SettingsController extends Controller
{
    /** How a parameter may be measured; the reading decides the rest. */
    public const METHODS = [ReadingMethod::Pen, ReadingMethod::Drops, ReadingMethod::AtField, ReadingMethod::Exact];

    public function edit(Request $request): View
    {
        $keeper = $this->keeper($request);

        $penSet = $keeper->kits
            ->mapWithKeys(static fn(Kit $kit): array => [$kit->parameter->value => $kit->set_at === null ? '' : $keeper->show()->local($kit->set_at)->format('Y-m-d')])->all();

        return view('settings', ['keeper' => $keeper, 'show' => $keeper->show(), 'methods' => self::METHODS, 'penSet' => $penSet]);
    }

    public function update(Request $request): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $rules = [
            'name' => ['required', 'string', 'max:80'],
            'volume_unit' => ['required', Rule::enum(VolumeUnit::class)],
            'theme' => ['required', 'in:auto,light,dark'],
            'timezone' => ['required', 'timezone:all'],
            'length_unit' => ['required', Rule::enum(LengthUnit::class)],
            // Typed in the unit that stands beside it, which is the one of before.
            'hand' => ['nullable', $keeper->show()->levels()->rule(50.0, 150.0, 90.0)],
            'bucket_litres' => ['required', $keeper->show()->volumes()->rule(0.5, 400.0, 12.0)],
            'pen_factor' => ['required', new Amount(0.4, 1.0, '', '0.5')],
            'scale_step' => ['required', new Amount(0.001, 10, 'g', '0.1')],
            'simulated' => ['nullable', 'array'],
            'simulated.*' => [Rule::in(array_keys(Devices::all()))],
        ];
        foreach (Parameter::cases() as $parameter) {
            $field = 'kits.'.$parameter->value;
            $rules[$field] = ['required', 'array:method,unit,step,fields,set'];
            $rules[$field.'.set'] = ['nullable', new MomentRule($keeper->timezone, before: 'now')];
            $rules[$field.'.method'] = ['required', Rule::in(array_map(static fn(ReadingMethod $m): string => $m->value, self::METHODS))];
            $rules[$field.'.unit'] = ['required', Rule::in(array_map(static fn(Unit $u): string => $u->key, Unit::for($parameter)))];
            $rules[$field.'.step'] = ['nullable', new Amount(0, 100, '', '1')];
            $rules[$field.'.fields'] = ['nullable', 'string', 'max:120', function (string $attribute, mixed $value, Closure $fail): void {
                $fields = self::fields($value);
                if ($fields === null || count($fields) < 2) {
                    $fail(__('said.write.values'));
                }
            }];
        }
        $checked = $this->checked($request, $rules, [
            'required' => __('said.write.needed'),
            'timezone' => __('said.choose.zone'),
            'in' => __('said.choose.listed'),
        ]);
        // Steps and fields were typed for the meter as it was taken until now.
        $penFactor = $keeper->pen_factor;
        DB::transaction(function () use ($keeper, $request, $checked, $penFactor): void {
            $keeper->update([
                'name' => $checked['name'],
                'volume_unit' => $checked['volume_unit'],
                'theme' => $checked['theme'],
                'timezone' => $checked['timezone'],
                'shows_all' => $request->boolean('shows_all'),
                'length_unit' => $checked['length_unit'],
                'hand' => $keeper->show()->levels()->keep($request->input('hand'), $keeper->hand) ?? $keeper->hand,
                'hand_told' => $keeper->hand_told || $request->filled('hand'),
                'bucket_litres' => $keeper->show()->volumes()->keep($request->input('bucket_litres'), $keeper->bucket_litres) ?? $keeper->bucket_litres,
                'pen_factor' => (new Scale('', 1.0, 2))->keep($request->input('pen_factor'), $keeper->pen_factor) ?? $keeper->pen_factor,
                'scale_step' => (new Scale('g', 1.0, 3))->keep($request->input('scale_step'), $keeper->scale_step) ?? $keeper->scale_step,
                'simulated' => array_values(array_filter((array) $request->input('simulated', []), is_string(...))),
            ]);
            foreach (Parameter::cases() as $parameter) {
                $this->keepKit($keeper, $parameter, (array) $request->input('kits.'.$parameter->value), $penFactor);
            }
        });

        return redirect('/settings')->with('status', __('said.done.kept'));
    }

    /** A whole set of kits in one act. */
    public function kits(Request $request): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $this->checked($request, ['set' => ['required', Rule::enum(KitSet::class)]], ['set' => __('said.choose.set')]);
        $set = KitSet::from((string) $request->string('set'));
        DB::transaction(static function () use ($keeper, $set): void {
            foreach (Parameter::cases() as $parameter) {
                $unit = $keeper->coreKit($parameter)->unit;
                [$method, $step, $fields] = $set->kit($parameter, $unit);
                $keeper->kits()->updateOrCreate(['parameter' => $parameter], ['method' => $method, 'unit' => $unit->key, 'step' => $step, 'fields' => $fields]);
            }
        });

        return redirect('/settings#kits')->with('status', __('settings.kits_set', ['set' => label($set)]));
    }

    /** A meter was set against its standard: from now on it strays again. */
    public function set(Request $request, string $parameter): View|RedirectResponse
    {
        $keeper = $this->keeper($request);
        $parameter = Parameter::tryFrom($parameter) ?? abort(404);
        abort_unless($keeper->coreKit($parameter)->isSet(), 404);
        $keeper->setPen($parameter, CarbonImmutable::now());

        return $request->header('HX-Request') === 'true'
            ? view('parts.pen-age', ['kit' => $keeper->coreKit($parameter)])
            : back(fallback: '/')->with('status', __('said.done.pen_set', ['what' => label($parameter)]));
    }

    /**
     * A kit as typed. What was left as it stood keeps its worth, whichever unit is chosen for it now; what was typed again is in the unit
     * chosen beside it.
     *
     * @param array<mixed> $typed
     */
    private function keepKit(Keeper $keeper, Parameter $parameter, array $typed, float $penFactor): void
    {
        $kit = $keeper->kits->firstWhere('parameter', $parameter);
        $shown = $kit instanceof Kit ? $kit->toCore($penFactor) : TestKit::usual($parameter, $penFactor);
        $text = static fn(string $field): string => is_string($typed[$field] ?? null) ? trim($typed[$field]) : '';
        $unit = Unit::of($parameter, $text('unit'), $penFactor);
        $was = $shown->unit;
        $step = $text('step') === Show::short($shown->step, 4)
            ? ($kit instanceof Kit ? $kit->step : $was->widthToBase($shown->step))
            : $unit->widthToBase(Amount::parse($text('step')) ?? 0.0);
        $fields = $text('fields') === KitSet::shown($shown->fields)
            ? ($kit instanceof Kit ? array_map(floatval(...), $kit->fields ?? []) : array_map($was->toBase(...), $shown->fields))
            : array_map($unit->toBase(...), self::fields($text('fields')) ?? []);
        $set = $kit instanceof Kit ? $kit->set_at : null;
        if ($text('set') !== ($set === null ? '' : $keeper->show()->local($set)->format('Y-m-d'))) {
            $set = MomentRule::parse($text('set'), $keeper->timezone);
        }
        $keeper->kits()->updateOrCreate(
            ['parameter' => $parameter],
            ['method' => $text('method'), 'unit' => $unit->key, 'step' => $step, 'fields' => $fields, 'set_at' => $set],
        );
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
