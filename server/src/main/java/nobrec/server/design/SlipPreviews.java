package nobrec.server.design;

import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.document.SlipTexts;
import nobrec.server.document.page.PagePicture;
import nobrec.server.document.slip.SampleSlips;
import nobrec.server.document.slip.SlipDesignDocument;
import nobrec.server.document.slip.SlipDesigns;
import nobrec.server.document.slip.SlipText;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;

/** What a design would print of a job, while the design is made. */
@Service
class SlipPreviews {

    private final SlipDesigns designs;
    private final SlipTexts texts;
    private final WorkOrders workOrders;
    private final Shipments shipments;
    private final ServiceCatalog catalog;
    private final Sites sites;

    SlipPreviews(
            SlipDesigns designs,
            SlipTexts texts,
            WorkOrders workOrders,
            Shipments shipments,
            ServiceCatalog catalog,
            Sites sites) {
        this.designs = designs;
        this.texts = texts;
        this.workOrders = workOrders;
        this.shipments = shipments;
        this.catalog = catalog;
        this.sites = sites;
    }

    /** @param job its number; empty text for the sample */
    byte[] pdf(SlipDesignDocument design, String job) {
        return designs.preview(job.isBlank() ? SampleSlips.FULL : textOf(job.strip()), design);
    }

    PagePicture.Page picture(SlipDesignDocument design, String job, int page) {
        return PagePicture.colored(pdf(design, job), page);
    }

    /** Of its newest shipment, else as if all of it were in one package. */
    private SlipText textOf(String number) {
        WorkOrder job = workOrders.byNumber(number);
        return shipments.of(job).stream()
                .findFirst()
                .map(this::textOf)
                .orElseGet(() -> texts.ofJob(job, sites.orHome(job.particulars().site())));
    }

    private SlipText textOf(Shipment shipment) {
        String service = shipment.outcome()
                .map(Shipment.Outcome::serviceCode)
                .or(shipment::chosenService)
                .map(code -> catalog.service(code).name())
                .orElse("");
        return texts.of(shipment, shipments.jobs(shipment), service);
    }
}
