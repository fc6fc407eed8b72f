<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\Devices;
use App\Http\Requests\ProductRequest;
use App\Models\Product;
use App\Models\SpoonTrial;
use App\Units\Amount;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;
use Cresco\Core\Mixing\MixingFault;
use Cresco\Core\Mixing\Salts;
use Cresco\Core\Mixing\Spoon;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** The keeper's products: salts and labelled products, what is left of them, and what a spoon of each weighs. */
final class ProductController extends Controller
{
    public function index(Request $request): View
    {
        return view(
            'products.index',
            ['show' => $this->keeper($request)->show(), 'products' => $this->keeper($request)->products()->with('trials')->orderBy('name')->get()],
        );
    }

    public function create(Request $request): View
    {
        return view(
            'products.form',
            [
                'show' => $this->keeper($request)->show(),
                'product' => new Product([
                    'name' => '', 'salt' => is_string($request->query('salt')) ? $request->query('salt') : null,
                    'unit' => $request->query('salt') === Product::FEED ? 'mL' : 'g', 'label' => null, 'purity' => 1.0, 'price' => 0.0,
                    'stock' => null,
                ]),
            ],
        );
    }

    public function store(ProductRequest $request): RedirectResponse
    {
        $this->keeper($request)->products()->create($request->fields());

        return redirect('/supplies/products')->with('status', __('said.done.on_shelf'));
    }

    public function edit(Request $request, Product $product): View
    {
        return view('products.form', ['show' => $this->keeper($request)->show(), 'product' => $product]);
    }

    public function update(ProductRequest $request, Product $product): RedirectResponse
    {
        $fields = $request->fields();
        // A bottle that was made up here stays one.
        $product->update($product->isHomeMade() && $fields['salt'] === Product::FEED && is_array($fields['label'])
            ? ['label' => [Product::HOME => 1.0] + $fields['label']] + $fields
            : $fields);

        return redirect('/supplies/products')->with('status', __('said.done.kept'));
    }

    public function destroy(Product $product): RedirectResponse
    {
        $product->delete();

        return redirect('/supplies/products')->with('status', __('said.done.off_shelf', ['name' => $product->name]));
    }

    /** Calibration of a spoon, in three steps. */
    public function spoon(Request $request, Product $product): View
    {
        abort_unless($product->isForBench(), 404);
        $keeper = $this->keeper($request);
        $method = $request->query('by') === 'pen' ? 'pen' : 'scale';

        return view('products.spoon', [
            'product' => $product->load('trials'), 'keeper' => $keeper, 'method' => $method, 'show' => $keeper->show(),
            'perGram' => Spoon::risePerGram($product->toCore()),
            'hasDevice' => Devices::has($keeper, $method === 'pen' ? Devices::PEN : Devices::SCALE),
        ]);
    }

    public function keepTrial(Request $request, Product $product): RedirectResponse
    {
        $keeper = $this->keeper($request);
        $product->load('trials');
        $method = $request->input('by') === 'pen' ? 'pen' : 'scale';
        $fromDevice = $request->input('from') === 'device';
        [$volumes, $pen] = [$keeper->show()->volumes(), $keeper->show()->values(Parameter::Conductivity)];
        abort_unless($product->isForBench(), 404);
        $this->checked($request, [
            'spoons' => ['required', 'integer', 'between:1,100'],
            'grams' => [$method === 'scale' && !$fromDevice ? 'required' : 'nullable', new Amount(0.01, 5000, 'g', '48.2')],
            'litres' => [$method === 'pen' ? 'required' : 'nullable', $volumes->rule(0.05, 1000.0, 1.0)],
            'before' => ['nullable', $pen->rule(0.0, 5000.0, 12.0)],
            'rise' => [$method === 'pen' && !$fromDevice ? 'required' : 'nullable', $pen->rule(1.0, 20000.0, 310.0)],
        ], [
            'required' => __('said.number.needed'),
            'spoons.integer' => __('said.whole.spoons'),
            'spoons.between' => __('said.whole.spoons_between'),
        ]);
        $spoons = $request->integer('spoons');
        $number = static fn(string $field): float => match ($field) {
            'litres' => $volumes->parse($request->input($field)),
            'before', 'rise' => $pen->parse($request->input($field)),
            default => Amount::parse($request->input($field)),
        } ?? 0.0;
        $perGram = Spoon::risePerGram($product->toCore());
        try {
            $grams = $method === 'scale'
                ? Spoon::weighed($fromDevice ? Devices::scale($keeper, $product, $spoons)?->read() ?? 0.0 : $number('grams'), $spoons)
                : Spoon::byPen(
                    $fromDevice ? Devices::spoonPen($keeper, $product, $spoons, $number('litres'), $perGram) ?? 0.0 : $number('rise') - $number('before'),
                    $number('litres'),
                    $spoons,
                    $perGram,
                );
        } catch (MixingFault $fault) {
            throw ValidationException::withMessages([$method === 'scale' ? 'grams' : 'rise' => say($fault)]);
        }
        $before = $product->spoon();
        $product->trials()->create(['method' => $method, 'spoons' => $spoons, 'grams_each' => $grams, 'taken_at' => CarbonImmutable::now()]);
        $isOdd = $before !== null && $before->disagreesWith($grams, $spoons);

        return redirect('/products/'.$product->id.'/spoon?by='.$method)->with('status', $isOdd
            ? __('said.done.spoon_far', ['mean' => sprintf('%.2f', $before->mean)])
            : __('said.done.spoon', ['grams' => sprintf('%.2f', $grams)]));
    }

    public function dropTrial(Product $product, int $trial): RedirectResponse
    {
        SpoonTrial::query()->where('product_id', $product->id)->whereKey($trial)->delete();

        return redirect('/products/'.$product->id.'/spoon')->with('status', __('said.done.taken_out'));
    }
}
