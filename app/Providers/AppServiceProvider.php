<?php

declare(strict_types=1);

namespace App\Providers;

use App\Account\Guests;
use App\Account\SignedOutSessions;
use App\Devices\Devices;
use App\Http\AtomicFileSessionHandler;
use App\Http\Middleware\PreventDuplicateSubmit;
use App\Models\Analysis;
use App\Models\Batch;
use App\Models\Checklist;
use App\Models\Chore;
use App\Models\Entry;
use App\Models\Helper;
use App\Models\Keeper;
use App\Models\Photo;
use App\Models\Product;
use App\Models\Recipe;
use App\Models\Reservoir;
use App\Models\Shortcut;
use App\Models\SourceWater;
use App\Models\Supply;
use App\Models\Tank;
use App\Plants\PlantGroupWords;
use App\Policies\OwnerPolicy;
use App\Problems\ProblemWords;
use App\Units\KitSet;
use App\Units\Show;
use App\View\Choices;
use App\View\JobWords;
use App\View\Names;
use App\View\PageQuery;
use App\View\Term;
use App\Words\StepWords;
use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Illuminate\Auth\Events\Authenticated;
use Illuminate\Auth\Events\CurrentDeviceLogout;
use Illuminate\Auth\Events\Logout;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\TransactionBeginning;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Pagination\Paginator;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Illuminate\Translation\FileLoader;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Shortcut::$fits = $this->app->version() === Shortcut::WRITTEN_FOR;
    }

    public function boot(): void
    {
        $this->moveTheClock();
        // In the hands of keepers a load that was forgotten costs time, and never a page.
        Model::shouldBeStrict($this->app->runningUnitTests());
        Date::use(CarbonImmutable::class);
        if (config()->string('app.languages', '') !== '') {
            $this->callAfterResolving('translation.loader', static fn(FileLoader $loader) => $loader->addPath(config()->string('app.languages')));
        }
        // What views say numbers, labels and jobs by.
        View::share([
            'format' => Show::class, 'kitSets' => KitSet::class, 'choices' => Choices::class, 'names' => Names::class, 'glossary' => Term::class, 'pageQuery' => PageQuery::class, 'instruments' => Devices::class,
            'stepWords' => StepWords::class, 'jobWords' => JobWords::class, 'problemWords' => ProblemWords::class, 'plantWords' => PlantGroupWords::class,
        ]);
        Paginator::defaultView('parts.pages');
        Paginator::defaultSimpleView('parts.pages');
        // A fold that says how sure something is: open for whoever wants to see all.
        Blade::directive('sure', static fn(): string => '<?php echo auth()->user()?->shows_all ? "open data-sure" : ""; ?>');
        // Each form carries a key that counts once; in letters alone, so that it is never taken for a figure.
        Blade::directive(
            'csrf',
            static fn(): string => "<?php echo csrf_field().'<input type=\"hidden\" name=\"".PreventDuplicateSubmit::FIELD
                ."\" value=\"'.strtr(bin2hex(random_bytes(12)), '0123456789', 'ghijklmnop').'\">'; ?>",
        );
        Session::extend(
            'file',
            static fn(): AtomicFileSessionHandler => new AtomicFileSessionHandler(
                new Filesystem(),
                config()->string('session.files'),
                config()->integer('session.lifetime'),
            ),
        );
        Event::listen([Logout::class, CurrentDeviceLogout::class], static fn() => SignedOutSessions::note(Session::getId()));
        Event::listen(Authenticated::class, static fn(Authenticated $event) => $event->user instanceof Keeper ? Guests::see($event->user) : null);
        Event::listen(TransactionBeginning::class, self::lockForWriting(...));
        // No number of a record has more digits than the database counts to.
        foreach ([
            'tank', 'water', 'checklist', 'entry', 'product', 'trial', 'reservoir', 'analysis', 'batch', 'recipe', 'photo', 'topOff', 'zone', 'other',
            'position', 'rejection', 'plantGroup', 'lamp', 'lightReading', 'look', 'spot', 'lightDay', 'dosePlan', 'dose', 'feedingOverride', 'pinch',
            'gaugeNote', 'problem', 'treatment', 'chore', 'away', 'supply', 'helper', 'animal', 'arrival', 'ask', 'fresh', 'rootTab',
        ] as $name) {
            Route::pattern($name, '[1-9][0-9]{0,17}');
        }
        Route::pattern('device', '[a-z_]{1,30}');
        Route::pattern('job', '[a-z_]{1,30}');
        Route::pattern('secret', '[A-Za-z0-9_-]{43}');
        $proxies = array_values(array_filter(array_map(trim(...), explode(',', config()->string('app.trusted_proxies')))));
        if ($proxies !== []) {
            TrustProxies::at($proxies);
        }
        foreach ([
            Tank::class, SourceWater::class, Checklist::class, Entry::class, Analysis::class, Product::class, Reservoir::class, Batch::class,
            Recipe::class, Photo::class, Chore::class, Supply::class, Helper::class,
        ] as $record) {
            Gate::policy($record, OwnerPolicy::class);
        }
    }

    /** Lets a browser test walk through days; there is no such clock outside of tests. */
    private function moveTheClock(): void
    {
        $file = config()->string('app.clock');
        if ($file !== '' && $this->app->environment('testing') && is_file($file)) {
            $now = CarbonImmutable::createFromTimestamp(time() + (int) file_get_contents($file));
            CarbonImmutable::setTestNow($now);
            Carbon::setTestNow($now);
        }
    }

    /**
     * A transaction of SQLite that reads first and writes later is refused at once when another one wrote in between, whatever
     * the busy timeout says. Asking for the write lock at the beginning makes it wait its turn instead.
     */
    private static function lockForWriting(TransactionBeginning $event): void
    {
        if ($event->connection->transactionLevel() === 1 && $event->connection->getDriverName() === 'sqlite' && !app()->runningInConsole()) {
            $event->connection->getPdo()->exec('delete from migrations where 0');
        }
    }
}
