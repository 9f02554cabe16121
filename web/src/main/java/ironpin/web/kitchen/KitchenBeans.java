package ironpin.web.kitchen;

import ironpin.store.BackupShelf;
import ironpin.store.BatchStore;
import ironpin.store.BookStore;
import ironpin.store.CardStore;
import ironpin.store.CorrectionStore;
import ironpin.store.Cupboard;
import ironpin.store.DeviceStore;
import ironpin.store.DipStore;
import ironpin.store.ExperimentStore;
import ironpin.store.FireStore;
import ironpin.store.FreezerStore;
import ironpin.store.HandStore;
import ironpin.store.HappenedStore;
import ironpin.store.KitStore;
import ironpin.store.KitchenArchive;
import ironpin.store.KnownStore;
import ironpin.store.LaidStore;
import ironpin.store.MeanwhileStore;
import ironpin.store.MinuteStore;
import ironpin.store.PaceStore;
import ironpin.store.PhotoStore;
import ironpin.store.RehearsalStore;
import ironpin.store.RemainsStore;
import ironpin.store.RunStore;
import ironpin.store.ShoppingStore;
import ironpin.store.StartStore;
import ironpin.store.StoryStore;
import ironpin.store.StoveStore;
import ironpin.store.Tidying;
import ironpin.store.WorkStore;
import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Lazy;

/** Opens the cupboard once and hands its shelves out. */
@Configuration
class KitchenBeans {
    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }

    /** At once, so that a folder that cannot be used is said before anybody is told the address. */
    @Bean(destroyMethod = "close")
    @Lazy(false)
    Cupboard cupboard(KitchenSettings settings, Clock clock) {
        return settings.fromBackup()
                ? Cupboard.openFromBackup(settings.data(), clock)
                : Cupboard.open(settings.data(), clock);
    }

    @Bean
    Tidying tidying(Cupboard cupboard, Clock clock) {
        return new Tidying(cupboard, clock);
    }

    @Bean
    BackupShelf backupShelf(Cupboard cupboard, Clock clock) {
        return new BackupShelf(cupboard, clock);
    }

    @Bean
    KitchenArchive kitchenArchive(Cupboard cupboard, BatchStore batches) {
        return new KitchenArchive(cupboard, batches);
    }

    @Bean
    BatchStore batchStore(Cupboard cupboard) {
        return new BatchStore(cupboard);
    }

    @Bean
    CorrectionStore correctionStore(Cupboard cupboard, BatchStore batches) {
        return new CorrectionStore(cupboard, batches);
    }

    @Bean
    KitStore kitStore(Cupboard cupboard, BatchStore batches) {
        return new KitStore(cupboard, batches);
    }

    @Bean
    HandStore handStore(Cupboard cupboard, BatchStore batches) {
        return new HandStore(cupboard, batches);
    }

    @Bean
    WorkStore workStore(Cupboard cupboard) {
        return new WorkStore(cupboard);
    }

    @Bean
    FireStore fireStore(Cupboard cupboard) {
        return new FireStore(cupboard);
    }

    @Bean
    StoveStore stoveStore(Cupboard cupboard) {
        return new StoveStore(cupboard);
    }

    @Bean
    FreezerStore freezerStore(Cupboard cupboard) {
        return new FreezerStore(cupboard);
    }

    @Bean
    DipStore dipStore(Cupboard cupboard) {
        return new DipStore(cupboard);
    }

    @Bean
    ShoppingStore shoppingStore(Cupboard cupboard) {
        return new ShoppingStore(cupboard);
    }

    @Bean
    RunStore runStore(Cupboard cupboard) {
        return new RunStore(cupboard);
    }

    @Bean
    LaidStore laidStore(Cupboard cupboard) {
        return new LaidStore(cupboard);
    }

    @Bean
    ExperimentStore experimentStore(Cupboard cupboard) {
        return new ExperimentStore(cupboard);
    }

    @Bean
    StoryStore storyStore(Cupboard cupboard) {
        return new StoryStore(cupboard);
    }

    @Bean
    StartStore startStore(Cupboard cupboard) {
        return new StartStore(cupboard);
    }

    @Bean
    MinuteStore minuteStore(Cupboard cupboard) {
        return new MinuteStore(cupboard);
    }

    @Bean
    KnownStore knownStore(Cupboard cupboard) {
        return new KnownStore(cupboard);
    }

    @Bean
    HappenedStore happenedStore(Cupboard cupboard) {
        return new HappenedStore(cupboard);
    }

    @Bean
    MeanwhileStore meanwhileStore(Cupboard cupboard) {
        return new MeanwhileStore(cupboard);
    }

    @Bean
    DeviceStore deviceStore(Cupboard cupboard) {
        return new DeviceStore(cupboard);
    }

    @Bean
    CardStore cardStore(Cupboard cupboard) {
        return new CardStore(cupboard);
    }

    @Bean
    RemainsStore remainsStore(Cupboard cupboard) {
        return new RemainsStore(cupboard);
    }

    @Bean
    PhotoStore photoStore(Cupboard cupboard) {
        return new PhotoStore(cupboard);
    }

    @Bean
    RehearsalStore rehearsalStore(Cupboard cupboard) {
        return new RehearsalStore(cupboard);
    }

    @Bean
    PaceStore paceStore(Cupboard cupboard) {
        return new PaceStore(cupboard);
    }

    @Bean
    BookStore bookStore(Cupboard cupboard) {
        return new BookStore(cupboard);
    }
}
